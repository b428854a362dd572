import { describe, expect, it } from 'vitest';
import type { Block, BlockView } from '../api/client';
import { packed } from './packing';

const spans: Record<string, [number, number]> = {
  a: [0, 50],
  b: [50, 90],
  c: [40, 60],
  d: [90, 120],
  e: [0, 120],
};
const blocks = Object.keys(spans).map((id) => ({ id }) as Block);
const views = Object.entries(spans).map(([id, [start, end]]) => ({ id, start, end }) as BlockView);
const ids = (alone: string | null) =>
  packed(blocks, views, alone).map((row) => row.map((one) => one.id).join(''));

describe('packed', () => {
  it('puts blocks that are never on together into one row, the first that has room', () => {
    expect(ids(null)).toEqual(['abd', 'c', 'e']);
  });

  it('leaves the opened one a row of its own', () => {
    expect(ids('b')).toEqual(['ad', 'b', 'c', 'e']);
  });

  it('never lets two blocks of a row be on at once', () => {
    let seed = 7;
    const random = () => (seed = (seed * 16807) % 2147483647) / 2147483647;
    const many = Array.from({ length: 60 }, (_, i) => ({ id: `k${i}` }) as Block);
    const times = many.map(({ id }) => {
      const start = Math.floor(random() * 300);
      return { id, start, end: start + 1 + Math.floor(random() * 60) } as BlockView;
    });
    const rows = packed(many, times, null);
    expect(rows.flat()).toHaveLength(60);
    for (const row of rows)
      for (const one of row)
        for (const other of row) {
          const [a, b] = [one, other].map(({ id }) => times.find((view) => view.id === id)!) as [
            BlockView,
            BlockView,
          ];
          if (a !== b) expect(a.end <= b.start || b.end <= a.start).toBe(true);
        }
  });

  it('gives a block that is not told of yet a row of its own', () => {
    expect(packed(blocks.slice(0, 2), views.slice(0, 1), null)).toHaveLength(2);
  });
});
