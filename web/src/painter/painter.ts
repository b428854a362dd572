import type { CanvasKit } from 'canvaskit-wasm';
import { Brush, type Scale } from './brush';
import { apart, changes, grown, meets, pixels, reached, type Area } from './damage';
import { Ground } from './ground';
import { KeptLayers } from './layers';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import { Raster } from './raster';
import { piecesOf, type Reel, type ReelPiece } from './reel';

/** Of the picture: where more than that differs, painting it whole copies less. */
const MOST_DAMAGED = 0.6;
/** px around damage that boxes are painted in: with a soft edge alone under a clip they differ. */
const EDGE = 8;

/**
 * Paints frames in memory, at the size a canvas is seen, and puts on it what has changed. Only what differs from the frame before
 * is painted; the pixels are those of painting each frame whole, as the exporter's painter does it (docs/painting.md).
 */
export class Painter {
  private readonly brush: Brush;
  private now: Raster | null = null;
  private ground: Ground | null = null;
  private scratch: Raster | null = null;
  private layers: KeptLayers | null = null;
  private last: ReelPiece[] | null = null;
  private scale: Scale = { x: 1, y: 1 };
  private blurred: Area[] = [];

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
    const now = this.sized(reel);
    const target = this.element.getContext('2d');
    if (!now || !target) return;
    const blurred = this.blurred;
    this.blurred = [];
    if (reel.samples) this.mean(target, now, reel, without);
    else put(target, now, [...this.paint(now, piecesOf(reel, frame, without)), ...blurred]);
    if (this.brush.missed) this.last = null;
    this.brush.missed = false;
  }

  /** Keeps, of the frame that is shown, what stands at the next one too: it is there when it is played. */
  ready(reel: Reel, frame: number, without?: Set<string>): void {
    if (!this.last || reel.samples || frame + 1 >= reel.to) return;
    this.ground?.rest(this.last, changes(this.last, piecesOf(reel, frame + 1, without)).common);
  }

  /** The mean of the reel's frames, of their values multiplied by alpha, as the exporter has it. */
  private mean(target: CanvasRenderingContext2D, now: Raster, reel: Reel, without?: Set<string>): void {
    const count = reel.to - reel.from;
    const frames = Array.from({ length: count }, (_, i) => piecesOf(reel, reel.from + i, without));
    this.paint(now, frames[0]!);
    const moving = frames.flatMap((pieces, i) => (i === 0 ? [] : this.areas(now, frames[i - 1]!, pieces)));
    // Where nothing moves the mean is what is there.
    const areas = apart(moving);
    const sums = areas.map((area) => new Uint32Array(4 * pixels(area)));
    for (const pieces of frames) {
      this.paint(now, pieces);
      const values = now.pixels;
      areas.forEach((area, i) => add(sums[i]!, values, area, now.width));
    }
    put(target, now, [now.whole]);
    const half = Math.floor(count / 2);
    areas.forEach((area, i) => {
      const mean = new Uint8ClampedArray(sums[i]!.length);
      for (let k = 0; k < mean.length; k++) mean[k] = Math.floor((sums[i]![k]! + half) / count);
      putPixels(target, mean, area);
    });
    this.blurred = areas;
  }

  private areas(now: Raster, before: ReelPiece[], after: ReelPiece[]): Area[] {
    return changes(before, after).differing.map((piece) => reached(piece, this.scale, now.whole));
  }

  /** Makes the present pixels those of a list; gives back which are others than before. */
  private paint(now: Raster, pieces: ReelPiece[]): Area[] {
    const last = this.last;
    this.last = pieces;
    if (!last) {
      this.ground?.forget();
      this.all(now, pieces, 0);
      return [now.whole];
    }
    const { common, differing } = changes(last, pieces);
    this.ground?.settle(pieces, common);
    const damage = apart(differing.map((piece) => reached(piece, this.scale, now.whole)));
    const damaged = damage.reduce((sum, area) => sum + pixels(area), 0);
    if (damaged > MOST_DAMAGED * now.width * now.height) {
      this.all(now, pieces, this.ground?.count ?? 0);
      return [now.whole];
    }
    if (damaged > 0) this.anew(now, pieces, damage);
    return damage;
  }

  private all(now: Raster, pieces: ReelPiece[], from: number): void {
    now.take(from === 0 ? null : (this.ground?.raster ?? null), now.whole);
    this.pieces(now, pieces.slice(from));
  }

  private pieces(raster: Raster, pieces: ReelPiece[]): void {
    for (const piece of pieces) {
      if (!this.layers?.lay(raster.canvas, piece)) this.brush.all(raster.canvas, [piece], this.scale);
    }
  }

  /** Paints what meets the damage elsewhere, no outline cut off by it, and copies the damage alone. */
  private anew(now: Raster, pieces: ReelPiece[], damage: Area[]): void {
    const scratch = (this.scratch ??= this.raster(now));
    const { raster = null, count = 0 } = this.ground ?? {};
    for (const area of damage) scratch.take(raster, area);
    // Apart from each other, so that nothing is painted twice.
    const around = apart(damage.map((area) => grown(area, EDGE, now.whole)));
    for (const piece of pieces.slice(count)) {
      const reach = reached(piece, this.scale, now.whole);
      if (!damage.some((area) => meets(area, reach))) continue;
      if (!piece.cuttable) this.pieces(scratch, [piece]);
      else for (const area of around) if (meets(area, reach)) this.within(scratch, area, piece);
    }
    for (const area of damage) now.take(scratch, area);
  }

  /** Boxes are painted alike under a clip along x and y that leaves their soft edges whole, and a sky costs by the pixel. */
  private within(scratch: Raster, area: Area, piece: ReelPiece): void {
    const { left, top, right, bottom } = area;
    scratch.canvas.save();
    scratch.canvas.clipRect([left, top, right, bottom], this.kit.ClipOp.Intersect, false);
    this.pieces(scratch, [piece]);
    scratch.canvas.restore();
  }

  private raster(like: Raster): Raster {
    return new Raster(this.kit, like.width, like.height);
  }

  private sized(reel: Reel): Raster | null {
    const { width, height } = this.element;
    if (width === 0 || height === 0) return null;
    const scale = { x: width / reel.width, y: height / reel.height };
    const rescaled = scale.x !== this.scale.x || scale.y !== this.scale.y;
    this.scale = scale;
    if (rescaled || this.now?.width !== width || this.now.height !== height) {
      this.clear();
      this.now = new Raster(this.kit, width, height);
      this.ground = new Ground(
        () => this.raster(this.now!),
        (piece) => pixels(reached(piece, scale, this.now!.whole)) === pixels(this.now!.whole),
        (raster, pieces) => this.pieces(raster, pieces),
      );
      this.layers = new KeptLayers(this.kit, this.now.whole, scale, (canvas, piece) =>
        this.brush.whole(canvas, piece, scale),
      );
    }
    return this.now;
  }

  private clear(): void {
    for (const kept of [this.now, this.ground, this.scratch, this.layers]) kept?.dispose();
    this.now = this.ground = this.scratch = this.layers = null;
    this.last = null;
    this.blurred = [];
  }

  dispose(): void {
    this.clear();
    this.brush.dispose();
  }
}

function add(sums: Uint32Array, values: Uint8Array, area: Area, width: number): void {
  let at = 0;
  for (let y = area.top; y < area.bottom; y++) {
    const end = 4 * (y * width + area.right);
    for (let k = 4 * (y * width + area.left); k < end; k++) sums[at++]! += values[k]!;
  }
}

function put(target: CanvasRenderingContext2D, raster: Raster, areas: Area[]): void {
  const values = raster.pixels;
  for (const area of apart(areas)) {
    const row = 4 * (area.right - area.left);
    const part = new Uint8ClampedArray(row * (area.bottom - area.top));
    for (let y = area.top; y < area.bottom; y++) {
      const start = 4 * (y * raster.width + area.left);
      part.set(values.subarray(start, start + row), (y - area.top) * row);
    }
    putPixels(target, part, area);
  }
}

/** Puts values multiplied by alpha on a canvas, which takes colours as they are. */
function putPixels(
  target: CanvasRenderingContext2D,
  values: Uint8ClampedArray<ArrayBuffer>,
  area: Area,
): void {
  for (let k = 3; k < values.length; k += 4) {
    const alpha = values[k]!;
    if (alpha === 255 || alpha === 0) continue;
    const by = 255 / alpha;
    values[k - 3] = values[k - 3]! * by;
    values[k - 2] = values[k - 2]! * by;
    values[k - 1] = values[k - 1]! * by;
  }
  target.putImageData(new ImageData(values, area.right - area.left), area.left, area.top);
}
