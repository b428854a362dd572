import { post, RequestError, type Operation, type Wish } from '../api/client';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import { readReel, type Reel } from './reel';

/** What is looked at: a saved revision, changes on it, a scene in a format. */
export interface Draft {
  project: string;
  base: number;
  operations: Operation[];
  /** What is wished of that and not answered yet. */
  wishes?: Wish[];
  scene: string;
  format: string;
  /** The version that is shown; none for what stands in the project. */
  /** Id of the condition that is shown as if it held. */
  condition?: string | undefined;
  row?: string;
  resting: string | null;
  length: number;
  piece: number;
  /** Whether all scenes are meant, one after the other, and not the one that is named. */
  film?: boolean;
  /** Whether movement blurs in a picture that stands. */
  blurred?: boolean;
}

interface Kept {
  reel: Reel;
  version: number;
  generation: number;
}

const MOST_PIECES = 120;

/** Until frames around the one that is looked at are fetched. */
const QUIET_MS = 250;

/**
 * Fetches frames of a draft: the one that is looked at first, then in quiet moments the pieces around it for playing. A
 * change of the draft throws all of it away; a late answer to an older draft is dropped.
 */
export class Frames {
  private draft: Draft | null = null;
  private version = 0;
  private sequence = 0;
  private round = 0;
  private single: Kept | null = null;
  private pieces = new Map<number, Kept>();
  private busy = false;
  private wanted: number | null = null;
  private idle: ReturnType<typeof setTimeout> | undefined;
  private readonly client = crypto.randomUUID();

  constructor(
    private readonly paths: Paths,
    private readonly pictures: Pictures,
    private readonly arrived: (frame: number) => void,
    private readonly failed: (message: string) => void,
    private readonly quiet = QUIET_MS,
  ) {}

  /** Looks at a draft from now on, at this frame first. */
  use(draft: Draft, frame: number): void {
    this.draft = draft;
    this.version++;
    this.pieces.clear();
    this.want(frame);
  }

  /** Fetches all frames now, without waiting for a quiet moment, because they are about to be played. */
  ready(): void {
    clearTimeout(this.idle);
    if (!this.busy) void this.prefetch(this.version);
  }

  /** Fetches nothing more by itself. */
  stop(): void {
    this.draft = null;
    this.version++;
    clearTimeout(this.idle);
  }

  /** True when the frame is here as it is seen while the picture stands. */
  isStill(frame: number): boolean {
    return !this.draft?.blurred || (this.single?.reel.from === frame && this.single.version === this.version);
  }

  /** The reel that holds the frame, if it is here; while a new draft's frame is on its way, that of the draft before. */
  reel(frame: number, still = false): Reel | null {
    return this.kept(frame, still)?.reel ?? null;
  }

  /** True when the frame is here as the newest draft has it. */
  isCurrent(frame: number): boolean {
    return this.kept(frame)?.version === this.version;
  }

  private kept(frame: number, still = false): Kept | null {
    if (!this.draft) return null;
    const single = this.paintable(this.single);
    const blurred = still && this.draft.blurred && single?.reel.from === frame;
    const piece = this.paintable(this.pieces.get(Math.floor(frame / this.draft.piece)));
    const kept = blurred ? single : (piece ?? single);
    if (!kept) return null;
    const { from, to, samples } = kept.reel;
    return from <= frame && frame < (samples ? from + 1 : to) ? kept : null;
  }

  /** What still has its outlines: they make room for others when there are too many. */
  private paintable(kept: Kept | null | undefined): Kept | null {
    return kept?.generation === this.paths.generation ? kept : null;
  }

  /** Asks for a frame; while an answer is on its way only the newest wish is kept. */
  want(frame: number): void {
    this.wanted = frame;
    clearTimeout(this.idle);
    if (!this.busy) void this.fetchWanted();
  }

  private async fetchWanted(): Promise<void> {
    this.busy = true;
    try {
      while (this.wanted !== null) {
        const frame = this.wanted;
        const version = this.version;
        this.wanted = null;
        const reel = await this.fetch(frame, frame + 1, this.draft?.blurred);
        if (reel && version === this.version) {
          this.single = this.keep(reel);
          this.arrived(frame);
          this.failed('');
        } else if (!this.draft) {
          return;
        } else {
          // The draft is newer, or another request of this page overtook this one.
          this.wanted ??= frame;
        }
      }
      this.idle = setTimeout(() => this.ready(), this.quiet);
    } catch (error) {
      this.failed(error instanceof Error ? error.message : String(error));
      if (error instanceof RequestError && error.problem.status === 0) {
        this.idle = setTimeout(() => this.draft && this.want(this.single?.reel.from ?? 0), 1500);
      }
    } finally {
      this.busy = false;
    }
  }

  /**
   * Fetches all pieces of the scene, the one at the playhead first. Where outlines made room on the way those that lost theirs are
   * fetched once more; a scene that holds more than there is room for does without some of them.
   */
  private async prefetch(version: number, again = false): Promise<void> {
    const draft = this.draft;
    if (!draft) return;
    const count = Math.min(MOST_PIECES, Math.ceil(draft.length / draft.piece));
    const round = ++this.round;
    const { generation } = this.paths;
    const first = Math.floor((this.single?.reel.from ?? 0) / draft.piece);
    for (let i = 0; i < count; i++) {
      const piece = (first + i) % count;
      // A frame that is looked at comes first, on the server too: its request makes older ones of this page stale.
      if (version !== this.version || round !== this.round || this.busy) return;
      if (this.paintable(this.pieces.get(piece))) continue;
      const from = piece * draft.piece;
      try {
        const reel = await this.fetch(from, Math.min(from + draft.piece, draft.length));
        if (reel && version === this.version) this.pieces.set(piece, this.keep(reel));
      } catch {
        return;
      }
    }
    if (!again && this.paths.generation !== generation) await this.prefetch(version, true);
  }

  private keep(reel: Reel): Kept {
    return { reel, version: this.version, generation: this.paths.generation };
  }

  private async fetch(
    from: number,
    to: number,
    samples = false,
    known = this.paths.known(),
  ): Promise<Reel | null> {
    const draft = this.draft;
    if (!draft) return null;
    const response = await post(`/api/projects/${draft.project}/${draft.film ? 'film/reel' : 'reel'}`, {
      draft: {
        base: draft.base,
        patch: { operations: draft.operations },
        wishes: draft.wishes ?? [],
        row: draft.row,
        condition: draft.condition,
        scene: draft.scene,
        format: draft.format,
      },
      from,
      to,
      client: this.client,
      sequence: ++this.sequence,
      known,
      ...(draft.resting ? { resting: draft.resting } : {}),
      ...(samples ? { samples } : {}),
    });
    if (response.status === 204) return null;
    const reel = readReel(await response.arrayBuffer(), samples);
    this.paths.add(reel);
    await this.pictures.load(reel.pictures);
    // Outlines that made room for others in the meantime have to be sent again.
    const lost = reel.outlines.some((outline) => !this.paths.get(outline.id) && outline.verbs === null);
    return lost ? this.fetch(from, to, samples, []) : reel;
  }
}
