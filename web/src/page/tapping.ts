/** A longer pause than this begins anew. */
const PAUSE_MS = 3100;
const FEWEST = 4;

/**
 * How many a minute are tapped, to a tenth.
 *
 * @param before ms of the taps so far
 * @param time ms of the one that comes now
 * @returns the taps that belong together, and null as long as they are too few
 */
export function perMinute(before: number[], time: number): { taps: number[]; perMinute: number | null } {
  const taps = [...(time - (before.at(-1) ?? time) > PAUSE_MS ? [] : before), time];
  if (taps.length < FEWEST) return { taps, perMinute: null };
  const each = (time - taps[0]!) / (taps.length - 1);
  return { taps, perMinute: Math.round(600_000 / each) / 10 };
}
