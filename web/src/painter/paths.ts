import type { CanvasKit, Path } from 'canvaskit-wasm';
import type { Reel } from './reel';

/** Some 25 MB: ten seconds of a line whose letters have another outline in each frame. */
const MOST = 30_000;
const RECENT = 3;

/** Outlines as native paths, shared by all pictures of a page. The oldest go when there are too many. */
export class Paths {
  private readonly paths = new Map<string, Path>();
  private recent: string[][] = [];

  /** Rises when outlines had to make room; reels that came before then can no longer be painted. */
  generation = 0;

  constructor(private readonly kit: CanvasKit) {}

  /** Takes in what a reel brings. */
  add(reel: Reel): void {
    this.recent = [reel.outlines.map((outline) => outline.id), ...this.recent.slice(0, RECENT - 1)];
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

  /** Ids that need not be sent again: what the last reels held. Makes room first when there are too many. */
  known(): string[] {
    if (this.paths.size > MOST) {
      for (const path of this.paths.values()) path.delete();
      this.paths.clear();
      this.recent = [];
      this.generation++;
    }
    return [...new Set(this.recent.flat())];
  }
}
