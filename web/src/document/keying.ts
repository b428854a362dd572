import type { BlockView } from '../api/client';

/** A key of a block's track, of whatever value. */
export interface Key {
  id: string;
  anchor?: 'start' | 'end' | 'hold';
  at: number;
  value: unknown;
  easing?: string;
}

/** Two keys nearer than this are at the same frame. */
const SAME = 0.5;
export const keysOf = (value: unknown): Key[] | null =>
  (value as { track?: Key[] } | undefined)?.track ?? null;

const clockOf = (key: Pick<Key, 'anchor'>, view: BlockView) => view.clocks[key.anchor ?? 'start'];

/** The scene frame of a key, by the clock that the core gave for what it counts from. */
export function timeOf(key: Pick<Key, 'anchor' | 'at'>, view: BlockView): number {
  const clock = clockOf(key, view);
  return clock.zero + key.at * clock.unit;
}

/** The same anchor at another scene frame. */
export function retimed(key: Key, frame: number, view: BlockView): number {
  const { zero, unit, least, most } = clockOf(key, view);
  const at = unit === 0 ? least : (frame - zero) / unit;
  return Math.max(least, Math.min(most, Math.round(at * 1e5) / 1e5));
}

/** The key whose value holds at this frame: the last one until then, else the first. */
export function keyInForce(keys: Key[], view: BlockView, frame: number): Key {
  const timed = keys
    .map((key) => ({ key, time: timeOf(key, view) }))
    .sort((one, other) => one.time - other.time);
  return (timed.filter(({ time }) => time <= frame + SAME).at(-1) ?? timed[0]!).key;
}
