import type { Block } from '../api/client';
import type { Knot } from './bent';

export type Way = NonNullable<Block['place']['way']>;
export type Stop = Way['stops'][number];

/** The point as a knot whose handles are numbers. */
export const knotOf = (stop: Stop): Stop & Knot => ({
  ...stop,
  inX: stop.inX ?? 0,
  inY: stop.inY ?? 0,
  outX: stop.outX ?? 0,
  outY: stop.outY ?? 0,
});

/** The whole path elsewhere; distances are px of the base frame. */
export const carried = (way: Way, dx: number, dy: number): Way => ({
  ...way,
  stops: way.stops.map((stop) => ({ ...stop, x: tenth(stop.x + dx), y: tenth(stop.y + dy) })),
});

const tenth = (value: number) => Number(value.toFixed(1));
