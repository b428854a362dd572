/** Pictures that are looked at before they are made coarser: one that takes long by chance is no reason. */
const LOOKED_AT = 8;

/** Of the time from one picture to the next: what painting may take of it. */
const MOST = 0.9;

/** px of the picture that are one where it is coarsest. */
export const COARSEST = 4;

/** How coarse a picture must be to be painted in time while it plays. It is never made finer again before it stands. */
export class Pace {
  private times: number[] = [];
  private now = 1;

  /** @param between ms from one picture to the next */
  constructor(private readonly between: number) {}

  /** Told how many ms a picture took; px across and down that are one from now on. */
  took(ms: number): number {
    this.times.push(ms);
    if (this.times.length < LOOKED_AT) return this.now;
    const middle = [...this.times].sort((a, b) => a - b)[LOOKED_AT / 2]!;
    this.times = [];
    if (middle > MOST * this.between) this.now = Math.min(COARSEST, 2 * this.now);
    return this.now;
  }
}
