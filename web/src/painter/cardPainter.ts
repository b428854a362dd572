import type { CanvasKit, Surface } from 'canvaskit-wasm';
import { Brush, type Scale } from './brush';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import { piecesOf, type Reel } from './reel';

/** Paints every frame whole with the graphics card, at the size the canvas is seen. */
export class CardPainter {
  private surface: Surface | null = null;
  private readonly brush: Brush;

  constructor(
    private readonly kit: CanvasKit,
    paths: Paths,
    pictures: Pictures,
    private readonly element: HTMLCanvasElement,
  ) {
    this.brush = new Brush(kit, paths, pictures);
  }

  /** @param without tracks that are left out */
  show(reel: Reel, frame: number, without?: Set<string>): void {
    const surface = this.sized();
    if (!surface) return;
    if (reel.samples) this.mean(surface, reel, without);
    else this.frame(surface, reel, frame, without);
    surface.flush();
  }

  private frame(surface: Surface, reel: Reel, frame: number, without?: Set<string>): void {
    const scale: Scale = { x: surface.width() / reel.width, y: surface.height() / reel.height };
    surface.getCanvas().clear(this.kit.TRANSPARENT);
    this.brush.all(surface.getCanvas(), piecesOf(reel, frame, without), scale);
  }

  /** The mean of the reel's frames, of their values multiplied by alpha, as the exporter has it. */
  private mean(surface: Surface, reel: Reel, without?: Set<string>): void {
    const canvas = surface.getCanvas();
    const [width, height] = [surface.width(), surface.height()];
    const count = reel.to - reel.from;
    const info = {
      width,
      height,
      colorType: this.kit.ColorType.RGBA_8888,
      alphaType: this.kit.AlphaType.Premul,
      colorSpace: this.kit.ColorSpace.SRGB,
    };
    const sums = new Uint32Array(4 * width * height);
    for (let i = 0; i < count; i++) {
      this.frame(surface, reel, reel.from + i, without);
      const pixels = canvas.readPixels(0, 0, info);
      if (!(pixels instanceof Uint8Array)) return;
      for (let k = 0; k < sums.length; k++) sums[k]! += pixels[k]!;
    }
    const half = Math.floor(count / 2);
    const mean = new Uint8Array(sums.length);
    for (let k = 0; k < sums.length; k++) mean[k] = (sums[k]! + half) / count;
    canvas.writePixels(mean, width, height, 0, 0, info.alphaType, info.colorType, info.colorSpace);
  }

  private sized(): Surface | null {
    const { width, height } = this.element;
    if (this.surface?.width() !== width || this.surface.height() !== height) {
      this.surface?.delete();
      this.surface = this.kit.MakeWebGLCanvasSurface(this.element);
    }
    return this.surface;
  }

  dispose(): void {
    this.surface?.delete();
    this.surface = null;
    this.brush.dispose();
  }
}
