import { expect, test } from 'vitest';
import { Ground } from './ground';
import type { Raster } from './raster';
import type { ReelPiece } from './reel';

/** Pixels that know which pieces were painted on them. */
class Pieces {
  held: string[] = [];
  whole = { left: 0, top: 0, right: 1, bottom: 1 };
  take(from: Pieces | null): void {
    this.held = from ? [...from.held] : [];
  }
  dispose(): void {}
}

let painted: string[] = [];
const ground = () =>
  new Ground(
    () => new Pieces() as unknown as Raster,
    (piece) => piece.id === 'sky',
    (raster, pieces) => {
      pieces.forEach((piece) => (raster as unknown as Pieces).held.push(piece.id));
      painted.push(...pieces.map((piece) => piece.id));
    },
  );
const list = (...ids: string[]) => ids.map((id) => ({ id }) as ReelPiece);
const holds = (one: Ground) => (one.raster as unknown as Pieces | null)?.held ?? [];

test('what rests twice is kept, and what had stood for long is painted once when another goes', () => {
  const one = ground();
  painted = [];
  const all = list('sky', 'moon', 'sea', 'line', 'word');
  for (let i = 0; i < 30; i++) one.settle(all, 4);
  expect(holds(one)).toEqual(['sky', 'moon', 'sea', 'line']);
  painted = [];
  // The line sets out: what lies beneath it had stood for long, and stays.
  one.settle(list('sky', 'moon', 'sea', 'line-2', 'word'), 3);
  expect(holds(one)).toEqual(['sky', 'moon', 'sea']);
  expect(painted).toEqual(['moon', 'sea']);
  painted = [];
  for (let i = 0; i < 20; i++) one.settle(all, 4);
  one.settle(list('sky', 'moon', 'sea', 'line-3', 'word'), 3);
  expect(holds(one)).toEqual(['sky', 'moon', 'sea']);
  expect(painted).toEqual(['line']);
});

test('where one piece after the other sets out, only the first of them has all beneath painted again', () => {
  const one = ground();
  const all = list('sky', 'a', 'b', 'c', 'd', 'e');
  for (let i = 0; i < 30; i++) one.settle(all, 6);
  painted = [];
  for (const common of [5, 4, 3, 2]) {
    one.settle(all, common);
    expect(holds(one)).toEqual(all.slice(0, one.count).map((piece) => piece.id));
    expect(one.count).toBeLessThanOrEqual(common);
  }
  // The others come again when they have rested twice.
  expect(painted).toEqual(['a', 'b', 'c', 'd', 'a', 'b']);
  one.settle(all, 0);
  expect(one.raster).toBeNull();
  one.rest(all, 2);
  expect(holds(one)).toEqual(['sky', 'a']);
});
