import type { Canvas, CanvasKit, Image } from 'canvaskit-wasm';
import type { Scale } from './brush';
import { pixels, reached, type Area } from './damage';
import { Raster } from './raster';
import { opacityOf, type ReelPiece } from './reel';

/** Of pixels. */
const MOST_BYTES = 64 << 20;
/** Contents of which it is remembered that they were there: they are kept when they come again. */
const MOST_SEEN = 4096;

interface Kept {
  image: Image;
  area: Area;
}

/**
 * What fades as a whole, as pixels: painted once and then laid down at each opacity, which gives the same pixels as its layer does.
 * For one size of picture; another one needs another.
 */
export class KeptLayers {
  /** By the ids of contents; those not used for longest come first. */
  private readonly kept = new Map<string, Kept>();
  private once = new Set<string>();
  private filled = 0;
  /** As large as the picture: on a smaller one, outlines would be moved and their numbers rounded in another way. */
  private raster: Raster | null = null;

  /** @param whole paints a piece as if it had no opacity; false when something that it needs is not here */
  constructor(
    private readonly kit: CanvasKit,
    private readonly size: Area,
    private readonly scale: Scale,
    private readonly whole: (canvas: Canvas, piece: ReelPiece) => boolean,
  ) {}

  /** Lays down what the piece paints; false where it is no layer, or one that has not been seen before. */
  lay(canvas: Canvas, piece: ReelPiece): boolean {
    if (!piece.contents) return false;
    const one = this.kept.get(piece.contents) ?? this.keep(piece, piece.contents);
    if (!one) return false;
    this.kept.delete(piece.contents);
    this.kept.set(piece.contents, one);
    const paint = new this.kit.Paint();
    paint.setAlphaf(opacityOf(piece));
    const { left, top } = one.area;
    canvas.drawImageOptions(
      one.image,
      left,
      top,
      this.kit.FilterMode.Nearest,
      this.kit.MipmapMode.None,
      paint,
    );
    paint.delete();
    return true;
  }

  private keep(piece: ReelPiece, contents: string): Kept | null {
    const area = reached(piece, this.scale, this.size);
    if (pixels(area) === 0) return null;
    if (!this.once.has(contents)) {
      if (this.once.size >= MOST_SEEN) this.once = new Set();
      this.once.add(contents);
      return null;
    }
    this.raster ??= new Raster(this.kit, this.size.right, this.size.bottom);
    this.raster.take(null, area);
    if (!this.whole(this.raster.canvas, piece)) return null;
    const one = { image: this.raster.image(area), area };
    this.filled += 4 * pixels(area);
    for (const [id, oldest] of this.kept) {
      if (this.filled <= MOST_BYTES) break;
      this.filled -= 4 * pixels(oldest.area);
      oldest.image.delete();
      this.kept.delete(id);
    }
    return one;
  }

  dispose(): void {
    for (const { image } of this.kept.values()) image.delete();
    this.kept.clear();
    this.raster?.dispose();
    this.raster = null;
  }
}
