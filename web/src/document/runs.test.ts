import { describe, expect, it } from 'vitest';
import { withRun, type Run } from './runs';

const run = (id: string, from: number, to: number, colour = '#112233'): Run => ({ id, from, to, colour });

describe('a new run', () => {
  it('takes its place in order', () => {
    expect(withRun([run('r1', 6, 9)], 0, 4)).toEqual([run('r2', 0, 4, '#f0b64a'), run('r1', 6, 9)]);
  });

  it('cuts those it meets', () => {
    expect(withRun([run('a', 0, 5), run('b', 5, 9)], 3, 7).map(({ from, to }) => [from, to])).toEqual([
      [0, 3],
      [3, 7],
      [7, 9],
    ]);
  });

  it('inside another keeps its style and lets it go on after', () => {
    const runs = withRun([run('a', 0, 9)], 3, 5);
    expect(runs.map(({ from, to, colour }) => [from, to, colour])).toEqual([
      [0, 3, '#112233'],
      [3, 5, '#112233'],
      [5, 9, '#112233'],
    ]);
    expect(new Set(runs.map((one) => one.id)).size).toBe(3);
  });
});
