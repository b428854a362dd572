import { describe, expect, it } from 'vitest';
import { apart, changes, meets, pixels, reached, type Area } from './damage';
import type { ReelPiece } from './reel';

const piece = (id: string, ...reach: number[]) => ({ id, reach: new Float32Array(reach) }) as ReelPiece;
const area = (left: number, top: number, right: number, bottom: number): Area => ({
  left,
  top,
  right,
  bottom,
});
const ids = (pieces: ReelPiece[]) => pieces.map((one) => one.id).join('');
const list = (letters: string) => [...letters].map((letter) => piece(letter));
const differing = (before: string, after: string) => {
  const { common, differing } = changes(list(before), list(after));
  return `${common} ${ids(differing)}`;
};

describe('what differs between two frames', () => {
  it('is what only one of them has', () => {
    expect(differing('abc', 'abc')).toBe('3 ');
    expect(differing('abc', 'axc')).toBe('1 xb');
    expect(differing('abc', 'abcd')).toBe('3 d');
    expect(differing('abc', '')).toBe('0 abc');
    expect(differing('aab', 'ab')).toBe('1 a');
  });

  it('is also what passes another one', () => {
    expect(differing('abc', 'acb')).toBe('1 bb');
  });

  it('covers each pixel once', () => {
    const found = apart([area(0, 0, 10, 10), area(50, 0, 60, 10), area(5, 5, 55, 8), area(3, 3, 3, 9)]);
    expect(found).toEqual([area(0, 0, 60, 10)]);
    const far = apart([area(0, 0, 10, 10), area(100, 100, 110, 110)]);
    expect(far).toHaveLength(2);
    expect(far.reduce((sum, one) => sum + pixels(one), 0)).toBe(200);
    expect(meets(far[0]!, far[1]!)).toBe(false);
  });

  it('lies inside the picture, with soft edges, at the size it is seen', () => {
    const half = { x: 0.5, y: 0.25 };
    const whole = area(0, 0, 100, 50);
    expect(reached(piece('a', 20, 40, 60, 80), half, whole)).toEqual(area(8, 8, 32, 22));
    expect(reached(piece('a', -Infinity, -Infinity, Infinity, Infinity), half, whole)).toEqual(whole);
  });
});
