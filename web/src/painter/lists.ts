import type { Canvas, CanvasKit, Paint, Path, Shader } from 'canvaskit-wasm';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import type { Reel } from './reel';

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
/** px that no contour is as long as. */
const UNDRAWN = 1e6;

/** A round pen: its width in px, and how much of every contour it draws, below 0 all. */
interface Pen {
  width: number;
  drawn: number;
}

/** Carries out display lists. It knows no effect and no motion, only the reel's operations. */
export class Lists {
  private readonly paint: Paint;

  constructor(
    private readonly kit: CanvasKit,
    private readonly paths: Paths,
    private readonly pictures: Pictures,
  ) {
    this.paint = new kit.Paint();
    this.paint.setAntiAlias(true);
  }

  /**
   * Paints the mean of the reel's frames, of their values multiplied by alpha, as the exporter does.
   */
  mean(canvas: Canvas, reel: Reel, width: number, height: number): void {
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
      this.frame(canvas, reel, reel.from + i, width, height);
      const pixels = canvas.readPixels(0, 0, info);
      if (!(pixels instanceof Uint8Array)) return;
      for (let k = 0; k < sums.length; k++) sums[k]! += pixels[k]!;
    }
    const half = Math.floor(count / 2);
    const mean = new Uint8Array(sums.length);
    for (let k = 0; k < sums.length; k++) mean[k] = (sums[k]! + half) / count;
    canvas.writePixels(mean, width, height, 0, 0, info.alphaType, info.colorType, info.colorSpace);
  }

  /** Paints a frame of the reel, scaled to a surface of this size, without some of its tracks. */
  frame(
    canvas: Canvas,
    reel: Reel,
    frame: number,
    width: number,
    height: number,
    without?: Set<string>,
  ): void {
    canvas.clear(this.kit.TRANSPARENT);
    canvas.save();
    if (width !== reel.width || height !== reel.height)
      canvas.scale(width / reel.width, height / reel.height);
    for (const track of reel.tracks) {
      if (without?.has(track.block)) continue;
      const list = track.lists[track.frames[frame - reel.from] ?? -1];
      if (list) this.run(canvas, reel, list);
    }
    canvas.restore();
  }

  private run(canvas: Canvas, reel: Reel, list: DataView): void {
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
    const shade = (shape: Path | undefined, opacity: number, shader: Shader) => {
      this.shade(canvas, shape, opacity, shader, pen);
      pen = null;
    };
    const path = () => this.paths.get(reel.outlines[int()]?.id ?? '');
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
          this.layer(canvas, float(), float(), float());
          break;
        case MASK: {
          const paint = new this.kit.Paint();
          paint.setBlendMode(this.kit.BlendMode.DstIn);
          canvas.saveLayer(paint);
          paint.delete();
          break;
        }
        case STROKE:
          pen = { width: float(), drawn: float() };
          break;
        case FILL: {
          const shape = path();
          const opacity = float();
          const colour = this.colour(int(), opacity);
          if (pen) this.stroke(canvas, shape, pen, (paint) => paint.setColor(colour));
          else {
            this.paint.setColor(colour);
            if (shape) canvas.drawPath(shape, this.paint);
          }
          pen = null;
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
        case FILL_PICTURE: {
          const shape = path();
          const opacity = float();
          const image = this.pictures.get(reel.pictures[int()] ?? '');
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
            );
          break;
        }
        default:
          throw new Error('The reel holds an operation that this page does not know. Load the page anew.');
      }
    }
  }

  private shade(
    canvas: Canvas,
    shape: Path | undefined,
    opacity: number,
    shader: Shader,
    pen: Pen | null,
  ): void {
    const ink = (paint: Paint) => {
      paint.setShader(shader);
      paint.setAlphaf(opacity);
    };
    if (pen) this.stroke(canvas, shape, pen, ink);
    else {
      const paint = new this.kit.Paint();
      paint.setAntiAlias(true);
      ink(paint);
      if (shape) canvas.drawPath(shape, paint);
      paint.delete();
    }
    shader.delete();
  }

  private stroke(canvas: Canvas, shape: Path | undefined, pen: Pen, ink: (paint: Paint) => void): void {
    const paint = new this.kit.Paint();
    paint.setAntiAlias(true);
    paint.setStyle(this.kit.PaintStyle.Stroke);
    paint.setStrokeWidth(pen.width);
    paint.setStrokeCap(this.kit.StrokeCap.Round);
    paint.setStrokeJoin(this.kit.StrokeJoin.Round);
    // One dash, and then nothing for longer than any contour.
    const dash = pen.drawn < 0 ? null : this.kit.PathEffect.MakeDash([pen.drawn, UNDRAWN], 0);
    if (dash) paint.setPathEffect(dash);
    ink(paint);
    if (shape) canvas.drawPath(shape, paint);
    dash?.delete();
    paint.delete();
  }

  private layer(canvas: Canvas, opacity: number, blurX: number, blurY: number): void {
    const paint = new this.kit.Paint();
    paint.setAlphaf(opacity);
    const filter =
      blurX > 0 || blurY > 0
        ? this.kit.ImageFilter.MakeBlur(blurX, blurY, this.kit.TileMode.Decal, null)
        : null;
    if (filter) paint.setImageFilter(filter);
    canvas.saveLayer(paint);
    filter?.delete();
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
