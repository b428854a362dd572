import type { Scene } from '../api/client';

/** A beat of a scene's count. */
export interface Beat {
  /** Which it is from the first one, which is 0; below 0 before it. */
  n: number;
  /** Scene frame. */
  at: number;
  /** Whether a bar begins with it. */
  bar: boolean;
}

/** More beats than are told: some two hours of them. */
const MOST = 12_000;

/** The beats of a scene from its beginning to before a frame, those before the first that is counted too. */
export function beatsOf({ beats, rate }: Pick<Scene, 'beats' | 'rate'>, until: number): Beat[] {
  if (!beats) return [];
  const every = (60 / beats.perMinute) * (rate.numerator / rate.denominator);
  const told: Beat[] = [];
  for (let n = Math.ceil(-beats.first / every); told.length < MOST; n++) {
    const at = beats.first + n * every;
    if (at >= until) break;
    told.push({ n, at, bar: n % beats.perBar === 0 });
  }
  return told;
}
