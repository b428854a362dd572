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

/** The scene frame of a key. */
export function timeOf(key: Pick<Key, 'anchor' | 'at'>, view: BlockView): number {
  if (key.anchor === 'end') return view.end - key.at;
  if (key.anchor === 'hold') return view.arriveEnd + key.at * (view.leaveStart - view.arriveEnd);
  return view.start + key.at;
}

/** The key whose value holds at this frame: the last one until then, else the first. */
export function keyInForce(keys: Key[], view: BlockView, frame: number): Key {
  const timed = keys
    .map((key) => ({ key, time: timeOf(key, view) }))
    .sort((one, other) => one.time - other.time);
  return (timed.filter(({ time }) => time <= frame + SAME).at(-1) ?? timed[0]!).key;
}
