/** A reel as the server sends it; the form is described in docs/reel.md. */
export interface Reel {
  width: number;
  height: number;
  from: number;
  to: number;
  /** True when its frames are the pictures whose mean the first frame is. */
  samples: boolean;
  outlines: ReelOutline[];
  /** SHA-256 of each picture that is shown. */
  pictures: string[];
  tracks: ReelTrack[];
}

export interface ReelOutline {
  id: string;
  /** Null when the page said that it knows the outline. */
  verbs: Uint8Array | null;
  points: Float32Array | null;
}

export interface ReelTrack {
  block: string;
  lists: DataView[];
  frames: Int32Array;
  bounds: Float32Array;
}

const MAGIC = 0x4c52574b;
const VERSION = 2;
const KNOWN = -1;

/** @param samples whether its frames are those whose mean one frame is */
export function readReel(buffer: ArrayBuffer, samples: boolean): Reel {
  const view = new DataView(buffer);
  let at = 0;
  const int = () => {
    const value = view.getInt32(at, true);
    at += 4;
    return value;
  };
  if (int() !== MAGIC || int() !== VERSION) {
    throw new Error('The server sent frames in a form that this page does not know. Load the page anew.');
  }
  const width = int();
  const height = int();
  const from = int();
  const to = int();
  const outlines: ReelOutline[] = [];
  for (let n = int(); n > 0; n--) {
    const low = view.getUint32(at, true);
    const high = view.getUint32(at + 4, true);
    at += 8;
    const id = high.toString(16).padStart(8, '0') + low.toString(16).padStart(8, '0');
    const verbCount = int();
    if (verbCount === KNOWN) {
      outlines.push({ id, verbs: null, points: null });
      continue;
    }
    const pointCount = int();
    const verbs = new Uint8Array(buffer, at, verbCount);
    at += Math.ceil(verbCount / 4) * 4;
    const points = new Float32Array(buffer, at, pointCount);
    at += 4 * pointCount;
    outlines.push({ id, verbs, points });
  }
  const text = () => {
    const length = int();
    const found = new TextDecoder().decode(new Uint8Array(buffer, at, length));
    at += Math.ceil(length / 4) * 4;
    return found;
  };
  const pictures: string[] = [];
  for (let n = int(); n > 0; n--) pictures.push(text());
  const tracks: ReelTrack[] = [];
  for (let n = int(); n > 0; n--) {
    const block = text();
    const lists: DataView[] = [];
    for (let k = int(); k > 0; k--) {
      const bytes = 4 * int();
      lists.push(new DataView(buffer, at, bytes));
      at += bytes;
    }
    const frames = new Int32Array(buffer, at, to - from);
    at += 4 * (to - from);
    const bounds = new Float32Array(buffer, at, 4 * (to - from));
    at += 16 * (to - from);
    tracks.push({ block, lists, frames, bounds });
  }
  return { width, height, from, to, samples, outlines, pictures, tracks };
}
