import { expect, it } from 'vitest';
import type { Block, BlockView } from '../api/client';
import { applyPatch } from './patch';
import { timeOf } from './keying';
import { extent, keyRows, keysCopied, keysMirrored, keysRetimed, slipped } from './keyRows';

const clock = (zero: number, unit: number, least = -1e6, most = 1e6) => ({ zero, unit, least, most });
const view = {
  id: 'b',
  clocks: { start: clock(10, 1), end: clock(90, -1), hold: clock(20, 60, 0, 1) },
} as BlockView;
const block = {
  id: 'b',
  opacity: {
    track: [
      { id: 'k1', at: 0, value: 0 },
      { id: 'k2', at: 30, value: 1 },
      { id: 'k3', anchor: 'end', at: 10, value: 0.5 },
    ],
  },
  place: {
    x: { unit: 'px', value: 1 },
    y: { unit: 'px', value: 2 },
    rotation: { track: [{ id: 'k1', anchor: 'hold', at: 0.5, value: 4 }] },
  },
} as unknown as Block;
const rows = keyRows(block, 'b');
const all = rows.flatMap((row) => row.keys.map((key) => ({ member: row.member, id: key.id })));
const after = (operations: ReturnType<typeof keysRetimed>) =>
  keyRows(applyPatch({ b: block }, operations).document.b, 'b');
const times = (found: typeof rows) =>
  found.map((row) => row.keys.map((key) => Math.round(timeOf(key, view) * 100) / 100));

it('finds the rows of what has keys', () => {
  expect(rows.map((row) => row.label)).toEqual(['turn', 'opacity']);
  expect(times(rows)).toEqual([[50], [10, 40, 80]]);
  expect(extent(rows, all, view)).toEqual([10, 80]);
});

it('finds keys of what a block is dressed with', () => {
  const keyed = { track: [{ id: 'k1', at: 0, value: 4 }] };
  const dressed = { ...block, dress: [{ id: 'd2', kind: 'glow', numbers: { far: keyed, near: 3 } }] };
  expect(keyRows(dressed as unknown as Block, 'b')[2]).toMatchObject({
    member: 'dress/d2/numbers/far',
    label: 'glow far',
    at: 'b/dress/d2/numbers/far/track',
  });
});

it('moves, stretches and mirrors keys by their times, whatever they hold to', () => {
  expect(times(after(keysRetimed(rows, all, view, (frame) => frame + 5)))).toEqual([[55], [15, 45, 85]]);
  expect(times(after(keysRetimed(rows, all, view, (frame) => 10 + (frame - 10) / 2)))).toEqual([
    [30],
    [10, 25, 45],
  ]);
  expect(times(after(keysMirrored(rows, all, view)))).toEqual([[40], [80, 50, 10]]);
  expect(times(after(slipped(rows, view, -10)))).toEqual([[50], [0, 30, 70]]);
});

it('copies keys by how long after the first they are', () => {
  expect(keysCopied(rows, all.slice(1), view).map(({ member, after }) => [member, after])).toEqual([
    ['opacity', 0],
    ['opacity', 30],
    ['opacity', 70],
  ]);
});
