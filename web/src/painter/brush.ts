import type { BlendMode, Canvas, CanvasKit, Paint, Path, Shader } from 'canvaskit-wasm';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import type { ReelPiece } from './reel';

const SAVE = 1;
const RESTORE = 2;
const CONCAT = 3;
const CLIP = 4;
const LAYER = 5;
const FILL = 6;
const FILL_GRADIENT = 7;
const FILL_RADIAL = 8;
const FILL_PICTURE = 9;
const CONCAT_DEEP = 10;
const MASK = 11;
const STROKE = 12;
const FADE = 13;
const CUT = 14;
const MIXED = 15;
const BRIGHT = 16;
const FILL_CONIC = 17;

/** Pixels that one of the frame's takes, across and down. */
export interface Scale {
  x: number;
  y: number;
}

/** A round pen: its width in px, and how much of every contour it draws, below 0 all. */
interface Pen {
  width: number;
  /** Corners and ends are cut square, not round. */
  sharp: boolean;
  /** px drawn and left, in turn; none where all is drawn. */
  dashes: number[];
}

/** px: layers begin on this grid, as the pattern that dithers gradients does. */
const GRID = 8;
/** px by which the bounds of a layer are told smaller, so that rounding never makes it larger. */
const INSIDE = 0.25;

/** What each of the reel's operations does to a canvas. It knows no effect and no motion. */
export class Brush {
  private readonly paint: Paint;
  /** Whether an outline or a picture was not here since this was last set to false. */
  missed = false;

  constructor(
    private readonly kit: CanvasKit,
    private readonly paths: Paths,
    private readonly pictures: Pictures,
  ) {
    this.paint = new kit.Paint();
    this.paint.setAntiAlias(true);
  }

  /** Paints pieces, in a frame's pixels, leaving the canvas as it was found. */
  all(canvas: Canvas, pieces: ReelPiece[], scale: Scale): void {
    const depth = canvas.save();
    if (scale.x !== 1 || scale.y !== 1) canvas.scale(scale.x, scale.y);
    for (const piece of pieces) this.piece(canvas, piece, scale);
    canvas.restoreToCount(depth);
  }

  /** Paints a piece that is a layer as if it had no opacity; false when something that it needs is not here. */
  whole(canvas: Canvas, piece: ReelPiece, scale: Scale): boolean {
    const missed = this.missed;
    this.missed = false;
    const depth = canvas.save();
    canvas.scale(scale.x, scale.y);
    this.piece(canvas, piece, scale, 1);
    canvas.restoreToCount(depth);
    const whole = !this.missed;
    this.missed ||= missed;
    return whole;
  }

  /** @param opacity of its first layer, in place of its own */
  private piece(canvas: Canvas, piece: ReelPiece, scale: Scale, opacity?: number): void {
    const list = piece.paints;
    let layers = 0;
    const layerOpacity = (own: number) => (layers === 0 && opacity !== undefined ? opacity : own);
    let at = 0;
    const float = () => {
      const value = list.getFloat32(at, true);
      at += 4;
      return value;
    };
    const int = () => {
      const value = list.getInt32(at, true);
      at += 4;
      return value;
    };
    let pen: Pen | null = null;
    let fades = false;
    const fill = (shape: Path | undefined, ink: (paint: Paint) => void) => {
      this.fill(canvas, shape, pen, fades, ink);
      pen = null;
      fades = false;
    };
    const shade = (shape: Path | undefined, opacity: number, shader: Shader, dithered = true) => {
      fill(shape, (paint) => {
        paint.setShader(shader);
        paint.setDither(dithered);
        paint.setAlphaf(opacity);
      });
      shader.delete();
    };
    const path = () => {
      const found = this.paths.get(piece.outlines[int()]?.id ?? '');
      this.missed ||= !found;
      return found;
    };
    const colours = () => {
      const count = int();
      const positions = Array.from({ length: count }, float);
      return { positions, colours: Array.from({ length: count }, () => this.colour(int(), 1)) };
    };
    while (at < list.byteLength) {
      switch (int()) {
        case SAVE:
          canvas.save();
          break;
        case RESTORE:
          canvas.restore();
          break;
        case CONCAT: {
          const [a, b, c, d, e, f] = [float(), float(), float(), float(), float(), float()];
          canvas.concat([a, c, e, b, d, f, 0, 0, 1]);
          break;
        }
        case CONCAT_DEEP:
          canvas.concat(Array.from({ length: 16 }, float));
          break;
        case CLIP: {
          const clip = path();
          if (clip) canvas.clipPath(clip, this.kit.ClipOp.Intersect, true);
          break;
        }
        case LAYER:
          this.layer(canvas, layerOpacity(float()), float(), float(), int(), room(piece, layers++, scale));
          break;
        case MIXED: {
          const mode = mixings(this.kit)[int()];
          this.layer(canvas, float(), float(), float(), int(), room(piece, layers++, scale), mode);
          break;
        }
        case MASK:
          this.takeAway(canvas, this.kit.BlendMode.DstIn);
          break;
        case CUT:
          this.takeAway(canvas, this.kit.BlendMode.DstOut);
          break;
        case BRIGHT:
          this.bright(canvas, float(), float());
          break;
        case STROKE:
          pen = { width: float(), sharp: int() === 1, dashes: Array.from({ length: int() }, float) };
          break;
        case FADE:
          fades = true;
          break;
        case FILL: {
          const shape = path();
          const opacity = float();
          const colour = this.colour(int(), opacity);
          if (pen || fades) fill(shape, (paint) => paint.setColor(colour));
          else {
            this.paint.setColor(colour);
            if (shape) canvas.drawPath(shape, this.paint);
          }
          break;
        }
        case FILL_GRADIENT: {
          const shape = path();
          const opacity = float();
          const [x0, y0, x1, y1] = [float(), float(), float(), float()];
          const ramp = colours();
          const clamp = this.kit.TileMode.Clamp;
          shade(
            shape,
            opacity,
            this.kit.Shader.MakeLinearGradient([x0, y0], [x1, y1], ramp.colours, ramp.positions, clamp),
          );
          break;
        }
        case FILL_RADIAL: {
          const shape = path();
          const opacity = float();
          const [x, y, radius] = [float(), float(), float()];
          const ramp = colours();
          const clamp = this.kit.TileMode.Clamp;
          shade(
            shape,
            opacity,
            this.kit.Shader.MakeRadialGradient([x, y], radius, ramp.colours, ramp.positions, clamp),
          );
          break;
        }
        case FILL_CONIC: {
          const shape = path();
          const opacity = float();
          const [x, y, angle] = [float(), float(), float()];
          const ramp = colours();
          const cos = Math.cos((angle * Math.PI) / 180);
          const sin = Math.sin((angle * Math.PI) / 180);
          // Turned about its point.
          const turned = [cos, -sin, x - cos * x + sin * y, sin, cos, y - sin * x - cos * y, 0, 0, 1];
          const clamp = this.kit.TileMode.Clamp;
          shade(
            shape,
            opacity,
            this.kit.Shader.MakeSweepGradient(x, y, ramp.colours, ramp.positions, clamp, turned),
          );
          break;
        }
        case FILL_PICTURE: {
          const shape = path();
          const opacity = float();
          const image = this.pictures.get(piece.pictures[int()] ?? '');
          this.missed ||= !image;
          const [a, d, e, f] = [float(), float(), float(), float()];
          const { TileMode, FilterMode, MipmapMode } = this.kit;
          const map = [a, 0, e, 0, d, f, 0, 0, 1];
          if (image)
            shade(
              shape,
              opacity,
              image.makeShaderOptions(
                TileMode.Decal,
                TileMode.Decal,
                FilterMode.Linear,
                MipmapMode.Linear,
                map,
              ),
              false,
            );
          break;
        }
        default:
          throw new Error('The reel holds an operation that this page does not know. Load the page anew.');
      }
    }
  }

  private fill(
    canvas: Canvas,
    shape: Path | undefined,
    pen: Pen | null,
    fades: boolean,
    ink: (paint: Paint) => void,
  ): void {
    const paint = new this.kit.Paint();
    paint.setAntiAlias(true);
    ink(paint);
    if (fades) paint.setBlendMode(this.kit.BlendMode.DstIn);
    const dashes = pen && pen.dashes.length > 0 ? this.kit.PathEffect.MakeDash(pen.dashes, 0) : null;
    if (pen) {
      paint.setStyle(this.kit.PaintStyle.Stroke);
      paint.setStrokeWidth(pen.width);
      paint.setStrokeCap(pen.sharp ? this.kit.StrokeCap.Butt : this.kit.StrokeCap.Round);
      paint.setStrokeJoin(pen.sharp ? this.kit.StrokeJoin.Miter : this.kit.StrokeJoin.Round);
      paint.setPathEffect(dashes);
    }
    if (shape) canvas.drawPath(shape, paint);
    dashes?.delete();
    paint.delete();
  }

  private takeAway(canvas: Canvas, mode: BlendMode): void {
    const paint = new this.kit.Paint();
    paint.setBlendMode(mode);
    canvas.saveLayer(paint);
    paint.delete();
  }

  private layer(
    canvas: Canvas,
    opacity: number,
    blurX: number,
    blurY: number,
    /** How many px are one of the layer, across and down. */
    coarse: number,
    room: number[] | null,
    mode?: BlendMode,
  ): void {
    const paint = new this.kit.Paint();
    paint.setAlphaf(opacity);
    if (mode) paint.setBlendMode(mode);
    const { ImageFilter, TileMode, FilterMode } = this.kit;
    const blur =
      blurX > 0 || blurY > 0
        ? ImageFilter.MakeBlur(blurX / coarse, blurY / coarse, TileMode.Decal, null)
        : null;
    const large =
      coarse > 1
        ? ImageFilter.MakeMatrixTransform(
            [coarse, 0, 0, 0, coarse, 0, 0, 0, 1],
            { filter: FilterMode.Linear },
            blur,
          )
        : null;
    const filter = large ?? blur;
    if (filter) paint.setImageFilter(filter);
    const bounds = room ? inMatrix(canvas, room) : null;
    // What a coarse layer holds is drawn smaller.
    canvas.saveLayer(paint, bounds && Array.from(bounds, (edge) => edge / coarse));
    if (coarse > 1) canvas.scale(1 / coarse, 1 / coarse);
    large?.delete();
    blur?.delete();
    paint.delete();
  }

  /** What is brightness in the layer becomes alpha. */
  private bright(canvas: Canvas, gain: number, offset: number): void {
    const paint = new this.kit.Paint();
    const alpha = [0.2126 * gain, 0.7152 * gain, 0.0722 * gain, 0, offset];
    const filter = this.kit.ColorFilter.MakeMatrix([...Array<number>(15).fill(0), ...alpha]);
    paint.setColorFilter(filter);
    canvas.saveLayer(paint);
    filter.delete();
    paint.delete();
  }

  private colour(argb: number, opacity: number): Float32Array {
    return this.kit.Color4f(
      ((argb >>> 16) & 255) / 255,
      ((argb >>> 8) & 255) / 255,
      (argb & 255) / 255,
      ((argb >>> 24) / 255) * opacity,
    );
  }

  dispose(): void {
    this.paint.delete();
  }
}

/** How a mixed layer is laid over what is below, by its code. */
function mixings({ BlendMode: mode }: CanvasKit): BlendMode[] {
  return [
    mode.SrcOver,
    mode.Plus,
    mode.Multiply,
    mode.Screen,
    mode.Overlay,
    mode.Darken,
    mode.Lighten,
    mode.ColorDodge,
    mode.ColorBurn,
    mode.HardLight,
    mode.SoftLight,
    mode.Difference,
    mode.Exclusion,
    mode.Hue,
    mode.Saturation,
    mode.Color,
    mode.Luminosity,
  ];
}

/** How large a piece's layer must be, px of the surface: left, top, right, bottom; null where it is as large as its ground. */
function room(piece: ReelPiece, layer: number, scale: Scale): number[] | null {
  const [left, top, right, bottom] = piece.rooms.subarray(4 * layer, 4 * layer + 4) as unknown as number[];
  if (!Number.isFinite(left! + top! + right! + bottom!)) return null;
  return [
    Math.floor((left! * scale.x) / GRID) * GRID + INSIDE,
    Math.floor((top! * scale.y) / GRID) * GRID + INSIDE,
    Math.ceil(right! * scale.x) - INSIDE,
    Math.ceil(bottom! * scale.y) - INSIDE,
  ];
}

/** A box of the surface as the matrix in force has it; null where that turns it. */
function inMatrix(canvas: Canvas, box: number[]): number[] | null {
  const [a, b, e, c, d, f, ...deep] = canvas.getTotalMatrix() as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  const straight = b === 0 && c === 0 && a > 0 && d > 0 && deep.every((one, i) => one === (i === 2 ? 1 : 0));
  if (!straight) return null;
  return [(box[0]! - e) / a, (box[1]! - f) / d, (box[2]! - e) / a, (box[3]! - f) / d];
}
