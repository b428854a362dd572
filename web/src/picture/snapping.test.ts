import { describe, expect, it } from 'vitest';
import type { BlockView, Format } from '../api/client';
import { aligned, distributed, linesOf, linesToSnapTo, snapMove } from './snapping';

const format = {
  width: 1000,
  height: 500,
  guides: [{ id: 'g', axis: 'x', at: 333 }],
} as unknown as Format;

const view = (id: string, left: number, top: number, right: number, bottom: number, baseline = bottom - 5) =>
  ({ id, restBox: { left, top, right, bottom }, baseline }) as unknown as BlockView;

describe('snapping', () => {
  it('meets the nearest line with the nearest of its own', () => {
    const own = linesOf(view('a', 100, 100, 200, 140));
    const lines = linesToSnapTo(format, [view('b', 600, 300, 700, 350)]);
    expect(snapMove(own, lines, 346, 0, 6)).toEqual({ dx: 350, dy: 0, x: 500, y: null });
    expect(snapMove(own, lines, 231, 208, 6)).toEqual({ dx: 233, dy: 210, x: 333, y: 350 });
    expect(snapMove(own, lines, 320, 30, 6)).toEqual({ dx: 320, dy: 30, x: null, y: null });
  });

  it('meets the safe area that the format has', () => {
    const own = linesOf(view('a', 100, 100, 200, 140));
    const lines = linesToSnapTo(format, [], { left: 6, top: 12, right: 14, bottom: 20 });
    const left = format.width * 0.06;
    const foot = format.height * 0.8;
    expect(snapMove(own, lines, left - 100 + 2, foot - 140 - 3, 6)).toEqual({
      dx: left - 100,
      dy: foot - 140,
      x: left,
      y: foot,
    });
  });

  it('levels blocks with the first one', () => {
    const views = [view('a', 0, 0, 10, 10), view('b', 50, 40, 80, 60), view('c', 5, 5, 9, 9, 3)];
    expect(aligned(views, 'right').get('b')).toEqual({ dx: -70, dy: 0 });
    expect(aligned(views, 'middle').get('b')).toEqual({ dx: 0, dy: -45 });
    expect(aligned(views, 'baseline').get('c')).toEqual({ dx: 0, dy: 2 });
    expect(aligned(views, 'top').get('a')).toEqual({ dx: 0, dy: 0 });
  });

  it('makes gaps equal between the outer two', () => {
    const views = [view('c', 90, 0, 100, 10), view('a', 0, 0, 10, 10), view('b', 20, 0, 40, 10)];
    const moves = distributed(views, 'x');
    expect(moves.get('a')).toEqual({ dx: 0, dy: 0 });
    expect(moves.get('b')).toEqual({ dx: 20, dy: 0 });
    expect(moves.get('c')).toEqual({ dx: 0, dy: 0 });
    expect(distributed(views.slice(0, 2), 'x').size).toBe(0);
  });
});
