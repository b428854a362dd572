import type { CanvasKit, Surface } from 'canvaskit-wasm';
import { Lists } from './lists';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import type { Reel } from './reel';

/** Paints small pictures in memory and copies them to plain canvases, because browsers give only a few drawing contexts. */
export class Thumbnail {
  private surface: Surface | null = null;
  private readonly lists: Lists;

  constructor(
    private readonly kit: CanvasKit,
    paths: Paths,
    pictures: Pictures,
    private readonly element: HTMLCanvasElement,
  ) {
    this.lists = new Lists(kit, paths, pictures);
  }

  /** @param without tracks that are left out */
  show(reel: Reel, frame: number, without?: Set<string>): void {
    const { width, height } = this.element;
    if (!this.surface || this.surface.width() !== width || this.surface.height() !== height) {
      this.surface?.delete();
      this.surface = this.kit.MakeSurface(width, height);
    }
    const canvas = this.surface?.getCanvas();
    const target = this.element.getContext('2d');
    if (!canvas || !target) return;
    this.lists.frame(canvas, reel, frame, width, height, without);
    const pixels = canvas.readPixels(0, 0, {
      width,
      height,
      colorType: this.kit.ColorType.RGBA_8888,
      alphaType: this.kit.AlphaType.Unpremul,
      colorSpace: this.kit.ColorSpace.SRGB,
    });
    if (pixels instanceof Uint8Array)
      target.putImageData(
        new ImageData(
          new Uint8ClampedArray(pixels.buffer as ArrayBuffer, pixels.byteOffset, pixels.length),
          width,
        ),
        0,
        0,
      );
  }

  dispose(): void {
    this.surface?.delete();
    this.surface = null;
    this.lists.dispose();
  }
}
