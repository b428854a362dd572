import { loadCanvasKit } from './canvaskit';
import { Frames, type Draft } from './frames';
import { natives } from './natives';
import type { Reel } from './reel';
import { Painter } from './painter';

const PATIENCE_MS = 15_000;

/**
 * Pictures of single frames, one after the other, each on a canvas of its own.
 *
 * @param seen called with each as it is ready
 * @param moving only what looks different from the first of the frames, which itself is not shown
 */
export async function stills(
  draft: Draft,
  frames: number[],
  width: number,
  height: number,
  seen: (canvas: HTMLCanvasElement, index: number) => void,
  moving = false,
): Promise<void> {
  const kit = await loadCanvasKit();
  const { paths, pictures } = natives(kit);
  let arrived: (frame: number) => void = () => undefined;
  let failed: (message: string) => void = () => undefined;
  const source = new Frames(
    paths,
    pictures,
    (frame) => arrived(frame),
    (message) => message && failed(message),
  );
  let reference: Reel | null = null;
  try {
    for (const [index, frame] of frames.entries()) {
      const canvas = document.createElement('canvas');
      canvas.width = width;
      canvas.height = height;
      const painter = new Painter(kit, paths, pictures, canvas);
      await new Promise<void>((done, refused) => {
        const timer = setTimeout(() => refused(new Error('The server takes too long.')), PATIENCE_MS);
        arrived = (which) => {
          const reel = which === frame ? source.reel(frame, true) : null;
          if (!reel) return;
          clearTimeout(timer);
          painter.show(reel, frame, reference ? alike(reference, reel) : undefined);
          done();
        };
        failed = (message) => {
          clearTimeout(timer);
          refused(new Error(message));
        };
        if (index === 0) source.use(draft, frame);
        else source.want(frame);
      });
      painter.dispose();
      if (moving && index === 0) reference = source.reel(frame, true);
      else seen(canvas, index - (moving ? 1 : 0));
    }
  } finally {
    source.stop();
  }
}

/** The tracks that look the same in the first frames of two reels. */
function alike(one: Reel, other: Reel): Set<string> {
  const looks = (reel: Reel, block: string) => {
    const track = reel.tracks.find((each) => each.block === block);
    return (track?.lists[track.frames[0] ?? -1] ?? []).map((piece) => piece.id).join(' ');
  };
  return new Set(
    other.tracks.map((track) => track.block).filter((block) => looks(one, block) === looks(other, block)),
  );
}
