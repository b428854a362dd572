import { expect, test } from 'vitest';
import type { Block, Scene } from '../api/client';
import { moveBy, type Fit } from './moving';

const WIDE: Fit = { scale: 1, left: 0, top: 0, width: 1920, height: 1080 };
/** 1080 × 1920: the base frame lies in its middle. */
const TALL: Fit = { scale: 0.5625, left: 0, top: 656.25, width: 1920, height: 3413.333 };

const half = { value: 50, unit: 'frame' };
const sceneWith = (x: unknown, y: unknown) =>
  ({ id: 's', blocks: [{ id: 'b', kind: 'text', place: { x, y } } as unknown as Block] }) as Scene;
const moved = (x: unknown, y: unknown, dx: number, dy: number, fit: Fit, grain?: number) =>
  moveBy(sceneWith(x, y), 'b', dx, dy, fit, grain).map((one) => (one as { value: unknown }).value);

test('an exact move of a place in hundredths reads in px, and only along the side it goes', () => {
  expect(moved(half, half, 1, 0, WIDE, 0.1)).toEqual([{ value: 961, unit: 'px' }, half]);
  expect(moved(half, half, 0, -10, WIDE, 0.1)).toEqual([half, { value: 530, unit: 'px' }]);
});

test('in another format the px are those of the base frame, where that lies', () => {
  // Half of the tall frame is 960 px down; 5.625 px more, less the edge of 656.25, at 0.5625 px each.
  expect(moved(half, half, 0, 5.625, TALL, 0.1)).toEqual([half, { value: 550, unit: 'px' }]);
});

test('a place that comes to whole hundredths stays in them, and a free drag keeps its unit', () => {
  expect(moved({ value: 25, unit: 'frame' }, half, 480, 0, WIDE, 0.01)[0]).toEqual(half);
  expect(moved(half, half, 100, 0, WIDE)[0]).toEqual({ value: 55.21, unit: 'frame' });
});

test('all keys of a place get one unit', () => {
  const track = (...values: unknown[]) => ({ track: values.map((value, at) => ({ at, value })) });
  expect(moved(track(half, { value: 49.95, unit: 'frame' }), half, 0.96, 0, WIDE, 0.1)[0]).toEqual(
    track({ value: 961, unit: 'px' }, { value: 960, unit: 'px' }),
  );
});
