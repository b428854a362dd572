import type { BlockView, Operation, Project } from '../api/client';
import { valueAt } from './patch';
import { free, idsOf } from './ids';

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
/** What a number that began to change goes on by. */
export const GENTLY = 'cubic-bezier(0.65, 0, 0.35, 1)';

/** The members of a block that may carry keys and are plain numbers. */
export const KEYABLE = ['place/rotation', 'place/scale', 'opacity'];

export const keysOf = (value: unknown): Key[] | null =>
  (value as { track?: Key[] } | undefined)?.track ?? null;

/** The scene frame of a key. */
export function timeOf(key: Pick<Key, 'anchor' | 'at'>, view: BlockView): number {
  if (key.anchor === 'end') return view.end - key.at;
  if (key.anchor === 'hold') return view.arriveEnd + key.at * (view.leaveStart - view.arriveEnd);
  return view.start + key.at;
}

/** What a key at a scene frame counts from: once the block leaves, its end. */
export function anchored(frame: number, view: BlockView): Pick<Key, 'anchor' | 'at'> {
  return frame >= view.leaveStart && view.leaveStart > view.start
    ? { anchor: 'end', at: Math.max(0, view.end - frame) }
    : { anchor: 'start', at: Math.max(0, frame - view.start) };
}

/** The key that a change at this frame changes: the last one until then, else the first. */
export function keyInForce(keys: Key[], view: BlockView, frame: number): Key {
  const timed = keys
    .map((key) => ({ key, time: timeOf(key, view) }))
    .sort((one, other) => one.time - other.time);
  return (timed.filter(({ time }) => time <= frame + SAME).at(-1) ?? timed[0]!).key;
}

/** An id that no key has yet. */
export const freeKey = (keys: { id: string }[]) => free('k', idsOf(keys));

/** A value set at a frame: into the key that is there, or as a new key. */
export function keyedAt(
  keys: Key[],
  at: string,
  value: unknown,
  view: BlockView,
  frame: number,
): Operation[] {
  const there = keys.find((key) => Math.abs(timeOf(key, view) - frame) < SAME);
  if (there) return [{ op: 'set', at: `${at}/track/${there.id}/value`, value }];
  const before = keyInForce(keys, view, frame);
  const index = keys.filter((key) => timeOf(key, view) < frame).length;
  const key = { id: freeKey(keys), ...anchored(frame, view), value, easing: before.easing ?? 'linear' };
  return [{ op: 'insert', at: `${at}/track`, index, value: key }];
}

export interface Keyed {
  operations: Operation[];
  /** What was done instead of setting a value for all times, in words. */
  said: string;
}

/**
 * A value that carries keys is never set for all times by hand: while keys are recorded it is set at this frame, else in the
 * key that is in force, and it is said which. While keys are recorded, a value that stood still begins to change.
 */
export function keyed(
  document: Project | null,
  operations: Operation[],
  views: BlockView[],
  frame: number,
  recording: boolean,
): Keyed {
  let said = '';
  const routed = operations.flatMap((operation): Operation[] => {
    const [, , list, id, ...rest] = operation.at.split('/');
    if (!document || list !== 'blocks' || operation.op !== 'set') return [operation];
    if (!KEYABLE.includes(rest.join('/')) || typeof operation.value !== 'number') return [operation];
    const view = views.find((one) => one.id === id);
    if (!view) return [operation];
    const now = valueAt(document, operation.at);
    const keys = keysOf(now);
    const inside = frame > view.start && frame < view.end;
    if (keys && recording) return keyedAt(keys, operation.at, operation.value, view, frame);
    if (keys) {
      const key = keyInForce(keys, view, frame);
      said = `Changed the key at frame ${Math.round(timeOf(key, view))}.`;
      return [{ op: 'set', at: `${operation.at}/track/${key.id}/value`, value: operation.value }];
    }
    if (!recording || !inside) return [operation];
    const was = typeof now === 'number' ? now : rest.at(-1) === 'rotation' ? 0 : 1;
    const track = [
      { id: 'k1', anchor: 'start', at: 0, value: was, easing: GENTLY },
      { id: 'k2', ...anchored(frame, view), value: operation.value, easing: 'linear' },
    ];
    return [{ op: 'set', at: operation.at, value: { track } }];
  });
  return { operations: routed, said };
}
