import { expect, it } from 'vitest';
import type { BlockView, Scene } from '../api/client';
import { snap, snapPoints } from './snapping';

const scene = {
  length: 60,
  rate: { numerator: 24, denominator: 1 },
  beats: { perMinute: 96, first: 0, perBar: 4 },
} as Scene;
const view = (id: string, start: number) =>
  ({ id, start, arriveEnd: start + 5, leaveStart: start + 15, end: start + 20 }) as BlockView;

it('offers playhead, ends, beats and the edges of the others', () => {
  const points = snapPoints(scene, [view('own', 2), view('other', 31)], ['own'], 7);
  expect(points).toEqual(expect.arrayContaining([0, 60, 7, 15, 30, 45, 31, 36, 46, 51]));
  expect(points).not.toContain(22);
});

it('takes the nearest within reach, and none beyond it', () => {
  expect(snap(29.6, [15, 30, 28], 2)).toBe(30);
  expect(snap(24, [15, 30, 28], 2)).toBeNull();
});
