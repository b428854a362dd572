import type { Canvas, CanvasKit, Image, MallocObj, Surface } from 'canvaskit-wasm';
import type { Area } from './damage';

/** Pixels in memory to paint on: premultiplied sRGB values, mixed as encoded. */
export class Raster {
  private readonly memory: MallocObj;
  private readonly surface: Surface;

  constructor(
    private readonly kit: CanvasKit,
    readonly width: number,
    readonly height: number,
  ) {
    this.memory = kit.Malloc(Uint8Array, 4 * width * height);
    const made = kit.MakeRasterDirectSurface(
      {
        width,
        height,
        colorType: kit.ColorType.RGBA_8888,
        alphaType: kit.AlphaType.Premul,
        colorSpace: kit.ColorSpace.SRGB,
      },
      this.memory,
      4 * width,
    );
    if (!made) {
      kit.Free(this.memory);
      throw new Error('There is not enough memory for a picture of this size.');
    }
    this.surface = made;
    this.take(null, this.whole);
  }

  get canvas(): Canvas {
    return this.surface.getCanvas();
  }

  get whole(): Area {
    return { left: 0, top: 0, right: this.width, bottom: this.height };
  }

  /** All pixels by rows, 4 bytes each; only good until something else is painted. */
  get pixels(): Uint8Array {
    return this.memory.toTypedArray() as Uint8Array;
  }

  /** Takes over the pixels of another one of the same size; transparent ones of null. */
  take(from: Raster | null, area: Area): void {
    const into = this.pixels;
    const source = from?.pixels;
    for (let y = area.top; y < area.bottom; y++) {
      const start = 4 * (y * this.width + area.left);
      const end = 4 * (y * this.width + area.right);
      if (source) into.set(source.subarray(start, end), start);
      else into.fill(0, start, end);
    }
  }

  /** A copy of some of the pixels. */
  image({ left, top, right, bottom }: Area): Image {
    return this.surface.makeImageSnapshot([left, top, right, bottom]);
  }

  dispose(): void {
    this.surface.delete();
    this.kit.Free(this.memory);
  }
}
