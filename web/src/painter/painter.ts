import type { CanvasKit, Surface } from 'canvaskit-wasm';
import { Lists } from './lists';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import type { Reel } from './reel';

/** Paints frames on one canvas element, at the size it is seen. */
export class Painter {
  private surface: Surface | null = null;
  private readonly lists: Lists;

  constructor(
    private readonly kit: CanvasKit,
    paths: Paths,
    pictures: Pictures,
    private readonly element: HTMLCanvasElement,
    private readonly card: boolean,
  ) {
    this.lists = new Lists(kit, paths, pictures);
  }

  show(reel: Reel, frame: number): void {
    const surface = this.sized();
    if (!surface) return;
    const { width, height } = this.element;
    if (reel.samples) this.lists.mean(surface.getCanvas(), reel, width, height);
    else this.lists.frame(surface.getCanvas(), reel, frame, width, height);
    surface.flush();
  }

  private sized(): Surface | null {
    if (
      !this.surface ||
      this.surface.width() !== this.element.width ||
      this.surface.height() !== this.element.height
    ) {
      this.surface?.delete();
      this.surface =
        (this.card ? this.kit.MakeWebGLCanvasSurface(this.element) : null) ??
        this.kit.MakeSWCanvasSurface(this.element);
    }
    return this.surface;
  }

  dispose(): void {
    this.surface?.delete();
    this.surface = null;
    this.lists.dispose();
  }
}
