import { expect, it } from 'vitest';
import type { Block, BlockView } from '../api/client';
import { applyPatch } from './patch';
import { timeOf } from './keying';
import {
  extent,
  keyAdded,
  keyRows,
  keysCopied,
  keysMirrored,
  keysPasted,
  keysRemoved,
  keysRetimed,
  slipped,
} from './keyRows';

const view = { id: 'b', start: 10, arriveEnd: 20, leaveStart: 80, end: 90 } as BlockView;
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
const after = (operations: ReturnType<typeof keysRemoved>) =>
  keyRows(applyPatch({ b: block }, operations).document.b, 'b');
const times = (found: typeof rows) =>
  found.map((row) => row.keys.map((key) => Math.round(timeOf(key, view) * 100) / 100));

it('finds the rows of what has keys', () => {
  expect(rows.map((row) => row.label)).toEqual(['turn', 'opacity']);
  expect(times(rows)).toEqual([[50], [10, 40, 80]]);
  expect(extent(rows, all, view)).toEqual([10, 80]);
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

it('lets a block stand still once its path has fewer than two points', () => {
  const stop = (id: string, at: number, x: number) => ({ id, at, x, y: 7 });
  const travels = {
    ...block,
    place: { ...block.place, way: { stops: [stop('p1', 0, 3), stop('p2', 9, 5)] } },
  } as unknown as Block;
  const found = keyRows(travels, 'b');
  const left = (...ids: string[]) =>
    applyPatch(
      { b: travels },
      keysRemoved(
        found,
        ids.map((id) => ({ member: 'place/way', id })),
      ),
    ).document.b.place;
  expect(left('p1')).toMatchObject({ x: { value: 5, unit: 'px' }, y: { value: 7, unit: 'px' } });
  expect(left('p2').x).toEqual({ value: 3, unit: 'px' });
  expect(left('p1', 'p2').x).toEqual({ value: 5, unit: 'px' });
  expect(left('p1', 'p2').way).toBeUndefined();
});

it('adds, removes and pastes keys', () => {
  const added = after(keyAdded(rows[1]!, view, 60, 0.7));
  expect(added[1]!.keys.map((key) => key.value)).toEqual([0, 1, 0.7, 0.5]);
  expect(times(after(keysRemoved(rows, [{ member: 'opacity', id: 'k2' }])))[1]).toEqual([10, 80]);
  const bare = applyPatch({ b: block }, keysRemoved(rows, [{ member: 'place/rotation', id: 'k1' }])).document
    .b;
  expect(bare.place.rotation).toBe(4);
  const clip = keysCopied(rows, all.slice(1, 3), view);
  expect(times(after(keysPasted(clip, block, 'b', view, 50)))[1]).toEqual([10, 40, 50, 80]);
});
