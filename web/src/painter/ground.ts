import type { ReelPiece } from './reel';
import type { Raster } from './raster';

/** Frames through which pieces must have rested before they are kept as pixels. */
const STEADY = 2;
/** Frames after which pieces have stood for long. */
const LASTING = 12;

/** The first pieces of the last list as pixels, as many as have rested. */
export class Ground {
  private kept: Raster | null = null;
  /** The first piece alone, where it covers the picture: all others come and go before it. */
  private first: Raster | null = null;
  /** Those of its first pieces that had stood for long when others went: it may fall back to them again and again. */
  private floor: Raster | null = null;
  private held = 0;
  private floored = 0;
  /** Frames since pieces last went from it. */
  private standing = 0;
  /** How many of the first pieces stayed the same at the last frame. */
  private resting = 0;
  /** For every piece the frame at which it, or one beneath it, last was another. */
  private readonly changed: number[] = [];
  private frame = 0;

  /**
   * @param made pixels of the picture's size
   * @param covers whether a piece can change all of them
   */
  constructor(
    private readonly made: () => Raster,
    private readonly covers: (piece: ReelPiece) => boolean,
    private readonly paint: (raster: Raster, pieces: ReelPiece[]) => void,
  ) {}

  /** How many of the first pieces it holds. */
  get count(): number {
    return this.held;
  }

  /** Its pixels; null, which is transparent, as long as it holds none. */
  get raster(): Raster | null {
    return this.held === 0 ? null : this.kept;
  }

  /** Goes over to the next list, of which so many of the first pieces are those of the list before. */
  settle(pieces: ReelPiece[], common: number): void {
    this.frame++;
    const from = Math.min(common, this.changed.length);
    this.changed.length = Math.max(this.changed.length, pieces.length);
    this.changed.fill(this.frame, from);
    if (common < this.held) this.fall(pieces, common);
    // Where less rests from frame to frame, nothing is gained by keeping it each time.
    this.standing++;
    const rested = Math.min(this.resting, common);
    this.resting = common;
    if (rested <= this.held || this.standing < STEADY) return;
    if (this.held === 0) this.begin(pieces[0]!);
    this.add(pieces, rested);
  }

  /** Keeps so many of the first pieces of the same list as if they had been seen to rest. */
  rest(pieces: ReelPiece[], common: number): void {
    for (let seen = 0; seen <= STEADY; seen++) this.settle(pieces, common);
  }

  /** Only what had stood for long is painted again at once: where one piece after the other sets out, that would be done each time. */
  private fall(pieces: ReelPiece[], common: number): void {
    if (this.floored > common) this.floored = 0;
    const beneath = this.floored > 0 ? this.floor : common > 0 ? this.first : null;
    if (beneath) this.kept!.take(beneath, beneath.whole);
    this.held = beneath ? Math.max(1, this.floored) : 0;
    const lasted =
      this.standing >= LASTING && common > 0 && this.frame - this.changed[common - 1]! >= LASTING;
    if (lasted && common > this.held) {
      if (this.held === 0) this.begin(pieces[0]!);
      this.add(pieces, common);
      this.floor ??= this.made();
      this.floor.take(this.kept, this.floor.whole);
      this.floored = this.held;
    }
    this.standing = 0;
  }

  private begin(lowest: ReelPiece): void {
    const kept = (this.kept ??= this.made());
    kept.take(null, kept.whole);
    this.paint(kept, [lowest]);
    this.held = 1;
    if (this.covers(lowest)) {
      this.first ??= this.made();
      this.first.take(kept, kept.whole);
    } else {
      this.first?.dispose();
      this.first = null;
    }
  }

  private add(pieces: ReelPiece[], end: number): void {
    this.paint(this.kept!, pieces.slice(this.held, end));
    this.held = end;
  }

  /** Lets go of what it holds, as long as nothing is known of the list before. */
  forget(): void {
    this.held = this.floored = this.standing = this.resting = 0;
    this.changed.length = 0;
  }

  dispose(): void {
    for (const raster of [this.kept, this.first, this.floor]) raster?.dispose();
  }
}
