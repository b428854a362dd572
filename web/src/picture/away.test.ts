import { describe, expect, it } from 'vitest';
import { home, leans, seen, type Away } from './away';

const LEANING: Away = [1.2, 0.1, -0.3, 0.9, 40, 25, 0.0001, -0.0004];

describe('where a block is carried', () => {
  it('takes what is seen back to where its boxes lie, flat and in perspective', () => {
    for (const away of [[2, 0, 0.5, 3, 7, -4], LEANING]) {
      for (const point of [
        { x: 0, y: 0 },
        { x: 320, y: 180 },
        { x: -90, y: 700 },
      ]) {
        const back = home(away, seen(away, [point])[0]!);
        expect(back.x).toBeCloseTo(point.x, 6);
        expect(back.y).toBeCloseTo(point.y, 6);
      }
    }
    expect(leans([1, 0, 0, 1, 5, 5])).toBe(false);
    expect(leans(LEANING)).toBe(true);
  });

  it('cuts off what is behind the eye', () => {
    const outline = [
      { x: 0, y: 0 },
      { x: 100, y: 0 },
      { x: 100, y: 4000 },
      { x: 0, y: 4000 },
    ];
    const shown = seen([1, 0, 0, 1, 0, 0, 0, -0.0005], outline);
    expect(shown).toHaveLength(4);
    // Where its depth is 0.05 it is seen 20 times as large.
    expect(Math.max(...shown.map((point) => point.y))).toBeCloseTo(1900 / 0.05, 3);
  });
});
