import { describe, expect, it } from 'vitest';
import { drawnTo, lineOf, linesOf, STAVE } from './lines';

const word = (text: string, start: number, end: number) => ({ id: `${start}`, text, start, end });

describe('linesOf', () => {
  it('ends lines at pauses and at sentences', () => {
    const lines = linesOf([
      word('The', 1, 1.2),
      word('boat.', 1.2, 1.7),
      word('Bring', 1.9, 2.2),
      word('a', 2.2, 2.3),
      word('coat', 3.1, 3.5),
    ]);
    expect(lines.map(({ first, last }) => [first, last])).toEqual([
      [0, 2],
      [2, 4],
      [4, 5],
    ]);
    expect(lines[0]).toMatchObject({ from: 0.75, to: 1.9 });
    expect(lineOf(lines, 3)).toBe(1);
  });

  it('makes none longer than a stave, and shows no word twice', () => {
    const many = Array.from({ length: 60 }, (_, i) => word('on', i * 0.3, i * 0.3 + 0.3));
    const lines = linesOf(many);
    expect(lines.every((line) => line.to - line.from <= STAVE)).toBe(true);
    expect(lines.at(-1)!.last).toBe(60);
    lines.forEach((line, i) => expect(line.first).toBe(i === 0 ? 0 : lines[i - 1]!.last));
  });

  it('has none without words', () => expect(linesOf([])).toEqual([]));
});

it('draws to the nearest edge that is near enough', () => {
  expect(drawnTo([1, 1.02, 2], 1.012, 0.03)).toBe(1.02);
  expect(drawnTo([1, 2], 1.5, 0.03)).toBe(1.5);
});
