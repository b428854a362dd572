import { describe, expect, it } from 'vitest';
import type { BlockView, Project } from '../api/client';
import { anchored, keyed, keyInForce, timeOf, type Key } from './keying';
import { applyPatch } from './patch';

const view = { id: 'b', start: 10, arriveEnd: 20, leaveStart: 80, end: 90 } as BlockView;
const at = 'scenes/s/blocks/b/place/rotation';
const project = (rotation: unknown) =>
  ({ scenes: [{ id: 's', blocks: [{ id: 'b', place: { rotation } }] }] }) as unknown as Project;
const keys: Key[] = [
  { id: 'k1', anchor: 'start', at: 0, value: 5, easing: 'ease' },
  { id: 'k2', anchor: 'hold', at: 0.5, value: 15 },
  { id: 'k3', anchor: 'end', at: 0, value: 25 },
];
const rotation = (document: Project) =>
  (document.scenes[0]!.blocks[0]!.place as { rotation?: unknown }).rotation;
const after = (now: unknown, value: number, frame: number, recording: boolean) => {
  const document = project(now);
  const { operations, said } = keyed(document, [{ op: 'set', at, value }], [view], frame, recording);
  return { value: rotation(applyPatch(document, operations).document), said };
};

it('times keys by what they hold to', () => {
  expect(keys.map((key) => timeOf(key, view))).toEqual([10, 50, 90]);
  expect(anchored(40, view)).toEqual({ anchor: 'start', at: 30 });
  expect(anchored(85, view)).toEqual({ anchor: 'end', at: 5 });
});

it('takes the last key until a frame as the one in force, before the first the first', () => {
  expect([4, 10, 49, 50, 60, 99].map((frame) => keyInForce(keys, view, frame).id)).toEqual([
    'k1',
    'k1',
    'k1',
    'k2',
    'k2',
    'k3',
  ]);
});

describe('a value set at a frame', () => {
  it('stays a plain value while nothing is recorded', () => {
    expect(after(3, 12, 40, false)).toEqual({ value: 12, said: '' });
  });
  it('begins to change while keys are recorded', () => {
    expect(after(3, 12, 40, true).value).toEqual({
      track: [
        { id: 'k1', anchor: 'start', at: 0, value: 3, easing: 'cubic-bezier(0.65, 0, 0.35, 1)' },
        { id: 'k2', anchor: 'start', at: 30, value: 12, easing: 'linear' },
      ],
    });
    expect(after(3, 12, 10, true).value).toBe(12);
  });
  it('goes into the key that is there, or makes one between its neighbours', () => {
    expect(after({ track: keys }, 1, 50, true).value).toMatchObject({
      track: [{}, { id: 'k2', value: 1 }, {}],
    });
    expect(after({ track: keys }, 1, 30, true).value).toMatchObject({
      track: [
        { id: 'k1' },
        { id: 'k4', anchor: 'start', at: 20, value: 1, easing: 'ease' },
        { id: 'k2' },
        { id: 'k3' },
      ],
    });
  });
  it('changes the key in force and says which while nothing is recorded', () => {
    expect(after({ track: keys }, 1, 60, false)).toMatchObject({
      value: { track: [{ value: 5 }, { value: 1 }, { value: 25 }] },
      said: 'Changed the key at frame 50.',
    });
  });
});
