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

/** A stretch of a list that stands by itself. */
export interface ReelPiece {
  /** Of what it paints; equal in all reels. */
  id: string;
  /** Of what stands in it where all of it is one layer that does not blur; null elsewhere. */
  contents: string | null;
  /** Where it can leave ink, px of the frame: left, top, right, bottom. */
  reach: Float32Array;
  /** Whether it is boxes along x and y alone, which may be painted in parts. */
  cuttable: boolean;
  /** How large each of its layers must be, px of the frame, 4 each; infinite where it is as large as its ground. */
  rooms: Float32Array;
  paints: DataView;
  /** The reel's. */
  outlines: ReelOutline[];
  pictures: string[];
}

export interface ReelTrack {
  block: string;
  lists: ReelPiece[][];
  frames: Int32Array;
  bounds: Float32Array;
}

const MAGIC = 0x4c52574b;
const VERSION = 7;
const KNOWN = -1;
/** Stands in place of the id of a layer's contents where a piece is no layer. */
const ALONE = '0'.repeat(16);

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
  const id = () => {
    const low = view.getUint32(at, true);
    const high = view.getUint32(at + 4, true);
    at += 8;
    return high.toString(16).padStart(8, '0') + low.toString(16).padStart(8, '0');
  };
  const floats = (count: number) => {
    const found = new Float32Array(buffer, at, count);
    at += 4 * count;
    return found;
  };
  const outlines: ReelOutline[] = [];
  for (let n = int(); n > 0; n--) {
    const named = id();
    const verbCount = int();
    if (verbCount === KNOWN) {
      outlines.push({ id: named, verbs: null, points: null });
      continue;
    }
    const pointCount = int();
    const verbs = new Uint8Array(buffer, at, verbCount);
    at += Math.ceil(verbCount / 4) * 4;
    outlines.push({ id: named, verbs, points: floats(pointCount) });
  }
  const text = () => {
    const length = int();
    const found = new TextDecoder().decode(new Uint8Array(buffer, at, length));
    at += Math.ceil(length / 4) * 4;
    return found;
  };
  const pictures: string[] = [];
  for (let n = int(); n > 0; n--) pictures.push(text());
  const piece = (): ReelPiece => {
    const named = id();
    const inside = id();
    const reach = floats(4);
    const cuttable = int() === 1;
    const rooms = floats(4 * int());
    const bytes = 4 * int();
    const paints = new DataView(buffer, at, bytes);
    at += bytes;
    const contents = inside === ALONE ? null : inside;
    return { id: named, contents, reach, cuttable, rooms, paints, outlines, pictures };
  };
  const tracks: ReelTrack[] = [];
  for (let n = int(); n > 0; n--) {
    const block = text();
    const pieces: ReelPiece[] = [];
    for (let k = int(); k > 0; k--) pieces.push(piece());
    const lists: ReelPiece[][] = [];
    for (let k = int(); k > 0; k--) lists.push(Array.from({ length: int() }, () => pieces[int()]!));
    const frames = new Int32Array(buffer, at, to - from);
    at += 4 * (to - from);
    tracks.push({ block, lists, frames, bounds: floats(4 * (to - from)) });
  }
  return { width, height, from, to, samples, outlines, pictures, tracks };
}

/** Of a piece that is one layer: what it is laid over with. */
export const opacityOf = (layer: ReelPiece): number => layer.paints.getFloat32(4, true);

/** What a frame of the reel is painted of, back to front, without some of its tracks. */
export const piecesOf = (reel: Reel, frame: number, without?: Set<string>): ReelPiece[] =>
  reel.tracks.flatMap((track) =>
    without?.has(track.block) ? [] : (track.lists[track.frames[frame - reel.from] ?? -1] ?? []),
  );
