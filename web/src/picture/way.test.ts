import { expect, it } from 'vitest';
import type { BlockView } from '../api/client';
import { applyPatch } from '../document/patch';
import { keyedAt, nearestStretch, type Way } from './way';

const view = { start: 10, end: 110 } as BlockView;
const way: Way = {
  stops: [
    { id: 'p1', x: 0, y: 0, at: 0 },
    { id: 'p2', x: 300, y: 0, at: 24 },
    { id: 'p3', x: 300, y: 200, at: 4, anchor: 'end' },
  ],
};
const after = (frame: number) =>
  applyPatch({ way }, keyedAt(way, view, frame, { x: 90, y: 0 }, 5, -5, 'way')).document.way.stops;

it('moves the point that has this time', () => {
  expect(after(34)[1]).toMatchObject({ id: 'p2', x: 305, y: -5 });
  expect(after(106)[2]).toMatchObject({ id: 'p3', x: 305, y: 195 });
});

it('makes a point at any other time, in its place among the others', () => {
  expect(after(20).map((stop) => stop.id)).toEqual(['p1', 'p4', 'p2', 'p3']);
  expect(after(20)[1]).toMatchObject({ x: 95, y: -5, at: 10, outX: 50 });
  expect(after(109).map((stop) => stop.id)).toEqual(['p1', 'p2', 'p3', 'p4']);
});

it('finds the stretch that was clicked', () => {
  expect(nearestStretch(way, { x: 100, y: 4 })).toBe(1);
  expect(nearestStretch(way, { x: 296, y: 120 })).toBe(2);
});
