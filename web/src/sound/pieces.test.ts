import { describe, expect, it } from 'vitest';
import type { Heard } from '../api/client';
import { CHUNK, played, piecesOf, RATE } from './pieces';

const heard = (at: number, from: number, seconds: number, gain = 1): Heard => ({
  id: 'a',
  sha256: 'f',
  at,
  from,
  seconds,
  gain,
  gains: [],
});

describe('piecesOf', () => {
  it('tells how loud a piece is where that changes, at its ends and wherever it bends', () => {
    const gains = [
      { second: 0, factor: 0 },
      { second: 1, factor: 1 },
      { second: 4, factor: 1 },
    ];
    const [piece] = piecesOf([{ ...heard(2, 0, 4, 0.5), gains }], 2.5 * RATE, 4 * RATE);
    expect(piece?.gains).toEqual([
      { at: 0, gain: 0.25 },
      { at: 0.5 * RATE, gain: 0.5 },
      { at: 1.5 * RATE, gain: 0.5 },
    ]);
  });

  it('cuts a recording where its chunks end, without a gap or an overlap', () => {
    const pieces = piecesOf([heard(2, 3.5, 10)], 0, 60 * RATE);
    expect(
      pieces.map((piece) => [piece.at / RATE, piece.chunk, piece.offset / RATE, piece.count / RATE]),
    ).toEqual([
      [2, 0, 3.5, 1.5],
      [3.5, 1, 0, 5],
      [8.5, 2, 0, 3.5],
    ]);
  });

  it('gives what is asked for and nothing outside', () => {
    expect(piecesOf([heard(2, 0, 4)], 3 * RATE, 4 * RATE)).toEqual([
      { sha256: 'f', chunk: 0, at: 3 * RATE, offset: RATE, count: RATE, gain: 1 },
    ]);
    expect(piecesOf([heard(2, 0, 4)], 0, 2 * RATE)).toEqual([]);
    expect(piecesOf([heard(2, 0, 4)], 6 * RATE, 9 * RATE)).toEqual([]);
  });

  it('holds every sample of ten minutes once, asked for in odd stretches', () => {
    const all = [heard(0.123, 7.77, 600)];
    let at = 0;
    let next = Math.round(0.123 * RATE);
    let source = Math.round(7.77 * RATE);
    while (at < 610 * RATE) {
      const to = at + 47_653;
      for (const piece of piecesOf(all, at, to)) {
        expect(piece.at).toBe(next);
        expect(piece.chunk * CHUNK + piece.offset).toBe(source);
        next += piece.count;
        source += piece.count;
      }
      at = to;
    }
    expect(next).toBe(Math.round(0.123 * RATE) + 600 * RATE);
  });
});

describe('played', () => {
  const all = [heard(1, 0, 1)];

  it('begins where the stretch begins', () => {
    const pieces = played(all, { first: 0.5, length: 2, loop: false }, 0, 10 * RATE);
    expect(pieces.map((piece) => [piece.at / RATE, piece.offset / RATE, piece.count / RATE])).toEqual([
      [0.5, 0, 1],
    ]);
  });

  it('is over with the stretch, unless it is a loop', () => {
    expect(
      played(all, { first: 0, length: 1.5, loop: false }, 0, 10 * RATE).map((piece) => piece.count),
    ).toEqual([RATE / 2]);
    const looped = played(all, { first: 0, length: 1.5, loop: true }, 0, 4.5 * RATE);
    expect(looped.map((piece) => piece.at / RATE)).toEqual([1, 2.5, 4]);
  });

  it('is the same asked for at once or little by little', () => {
    const stretch = { first: 0.25, length: 1.5, loop: true };
    const whole = played(all, stretch, 0, 6 * RATE);
    const little = Array.from({ length: 60 }, (_, i) =>
      played(all, stretch, (i * RATE) / 10, ((i + 1) * RATE) / 10),
    );
    const sum = (pieces: { count: number }[]) => pieces.reduce((count, piece) => count + piece.count, 0);
    expect(sum(little.flat())).toBe(sum(whole));
  });
});
