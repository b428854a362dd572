import type { CanvasKit, Path } from 'canvaskit-wasm';
import type { Reel } from './reel';

const MOST = 4000;

/** Outlines as native paths, shared by all pictures of a page. The oldest go when there are too many. */
export class Paths {
  private readonly paths = new Map<string, Path>();

  /** Rises when outlines had to make room; reels that came before then can no longer be painted. */
  generation = 0;

  constructor(private readonly kit: CanvasKit) {}

  /** Takes in what a reel brings. */
  add(reel: Reel): void {
    for (const outline of reel.outlines) {
      if (!outline.verbs || !outline.points || this.paths.has(outline.id)) continue;
      const path = this.kit.Path.MakeFromVerbsPointsWeights(outline.verbs, outline.points, []);
      path?.setFillType(this.kit.FillType.Winding);
      if (path) this.paths.set(outline.id, path);
    }
  }

  get(id: string): Path | undefined {
    return this.paths.get(id);
  }

  /** Ids that need not be sent again; makes room first when there are too many. */
  known(): string[] {
    if (this.paths.size > MOST) {
      for (const path of this.paths.values()) path.delete();
      this.paths.clear();
      this.generation++;
    }
    return [...this.paths.keys()];
  }
}
