import { expect, it } from 'vitest';
import type { BlockView } from '../api/client';
import { keyInForce, timeOf, type Key } from './keying';

const clock = (zero: number, unit: number, least = -1e6, most = 1e6) => ({ zero, unit, least, most });
const view = {
  id: 'b',
  clocks: { start: clock(10, 1), end: clock(90, -1), hold: clock(20, 60, 0, 1) },
} as BlockView;
const keys: Key[] = [
  { id: 'k1', anchor: 'start', at: 0, value: 5, easing: 'ease' },
  { id: 'k2', anchor: 'hold', at: 0.5, value: 15 },
  { id: 'k3', anchor: 'end', at: 0, value: 25 },
];

it('times keys by what they hold to', () => {
  expect(keys.map((key) => timeOf(key, view))).toEqual([10, 50, 90]);
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
