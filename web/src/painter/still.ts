import { loadCanvasKit } from './canvaskit';
import { Frames, type Draft } from './frames';
import { natives } from './natives';
import { Thumbnail } from './thumbnail';

const PATIENCE_MS = 15_000;

/**
 * Pictures of single frames, one after the other, each on a canvas of its own.
 *
 * @param seen called with each as it is ready
 * @param bare without what lies behind all blocks
 */
export async function stills(
  draft: Draft,
  frames: number[],
  width: number,
  height: number,
  seen: (canvas: HTMLCanvasElement, index: number) => void,
  bare = false,
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
  try {
    for (const [index, frame] of frames.entries()) {
      const canvas = document.createElement('canvas');
      canvas.width = width;
      canvas.height = height;
      const painter = new Thumbnail(kit, paths, pictures, canvas);
      await new Promise<void>((done, refused) => {
        const timer = setTimeout(() => refused(new Error('The server takes too long.')), PATIENCE_MS);
        arrived = (which) => {
          const reel = which === frame ? source.reel(frame, true) : null;
          if (!reel) return;
          clearTimeout(timer);
          painter.show(reel, frame, bare);
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
      seen(canvas, index);
    }
  } finally {
    source.stop();
  }
}
