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

  /** Paints a frame of the reel, scaled to a surface of this size. */
  frame(canvas: Canvas, reel: Reel, frame: number, width: number, height: number): void {
    canvas.clear(this.kit.TRANSPARENT);
    canvas.save();
    if (width !== reel.width || height !== reel.height)
      canvas.scale(width / reel.width, height / reel.height);
    for (const track of reel.tracks) {
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
          this.layer(canvas, float(), float());
          break;
        case FILL: {
          const shape = path();
          const opacity = float();
          this.paint.setColor(this.colour(int(), opacity));
          if (shape) canvas.drawPath(shape, this.paint);
          break;
        }
        case FILL_GRADIENT: {
          const shape = path();
          const opacity = float();
          const [x0, y0, x1, y1] = [float(), float(), float(), float()];
          const ramp = colours();
          const clamp = this.kit.TileMode.Clamp;
          this.shade(
            canvas,
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
          this.shade(
            canvas,
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
            this.shade(
              canvas,
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

  private shade(canvas: Canvas, shape: Path | undefined, opacity: number, shader: Shader): void {
    const paint = new this.kit.Paint();
    paint.setAntiAlias(true);
    paint.setShader(shader);
    paint.setAlphaf(opacity);
    if (shape) canvas.drawPath(shape, paint);
    shader.delete();
    paint.delete();
  }

  private layer(canvas: Canvas, opacity: number, blur: number): void {
    const paint = new this.kit.Paint();
    paint.setAlphaf(opacity);
    const filter = blur > 0 ? this.kit.ImageFilter.MakeBlur(blur, blur, this.kit.TileMode.Decal, null) : null;
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
