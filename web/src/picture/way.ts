import type { Block, BlockView, Operation } from '../api/client';
import { anchored, GENTLY } from '../document/keying';
import type { Knot } from './bent';
import { free, idsOf } from '../document/ids';

export type Way = NonNullable<Block['place']['way']>;
export type Stop = Way['stops'][number];

interface Point {
  x: number;
  y: number;
}

/** The scene frame of a point of a path; null for those without a time, and those that hold to a part of the rest. */
export function frameOf(stop: Stop, view: BlockView): number | null {
  if (stop.at === undefined || stop.at === null || stop.anchor === 'hold') return null;
  return stop.anchor === 'end' ? view.end - stop.at : view.start + stop.at;
}

/** The point as a knot whose handles are numbers. */
export const knotOf = (stop: Stop): Stop & Knot => ({
  ...stop,
  inX: stop.inX ?? 0,
  inY: stop.inY ?? 0,
  outX: stop.outX ?? 0,
  outY: stop.outY ?? 0,
});

/**
 * Moves the point of this frame, or makes one there: moving a block at another time keys its place. Distances are px of the
 * base frame; `now` is where the pivot is.
 */
export function keyedAt(
  way: Way,
  view: BlockView,
  frame: number,
  now: Point,
  dx: number,
  dy: number,
  at: string,
): Operation[] {
  const there = way.stops.find((stop) => frameOf(stop, view) === frame);
  if (there) {
    const own = `${at}/stops/${there.id}`;
    return [
      { op: 'set', at: `${own}/x`, value: tenth(there.x + dx) },
      { op: 'set', at: `${own}/y`, value: tenth(there.y + dy) },
    ];
  }
  const later = way.stops.findIndex((stop) => (frameOf(stop, view) ?? -1) > frame);
  const index = later < 0 ? way.stops.length : later;
  const time = Math.max(0, frame - Math.round(view.start));
  const made = { ...smooth(way, index, { x: now.x + dx, y: now.y + dy }), at: time };
  return [{ op: 'insert', at: `${at}/stops`, index, value: made }];
}

/** The whole path elsewhere; distances are px of the base frame. */
export const carried = (way: Way, dx: number, dy: number): Way => ({
  ...way,
  stops: way.stops.map((stop) => ({ ...stop, x: tenth(stop.x + dx), y: tenth(stop.y + dy) })),
});

/** The path of a block that stood, and is elsewhere at this frame. */
export const begun = (view: BlockView, frame: number, now: Point, dx: number, dy: number): Way => ({
  stops: [
    { id: 'p1', x: tenth(now.x), y: tenth(now.y), anchor: 'start', at: 0, easing: GENTLY },
    { id: 'p2', x: tenth(now.x + dx), y: tenth(now.y + dy), ...anchored(frame, view), easing: 'linear' },
  ],
});

const tenth = (value: number) => Number(value.toFixed(1));

/** A new point between its neighbours, its handles along their direction. */
export function smooth(way: Way, index: number, point: Point): Stop {
  const before = way.stops[index - 1];
  const after = way.stops[index];
  const dx = before && after ? (after.x - before.x) / 6 : 0;
  const dy = before && after ? (after.y - before.y) / 6 : 0;
  return {
    id: free('p', idsOf(way.stops)),
    x: tenth(point.x),
    y: tenth(point.y),
    inX: tenth(-dx),
    inY: tenth(-dy),
    outX: tenth(dx),
    outY: tenth(dy),
    easing: 'linear',
  };
}

/** Which stretch of the path lies nearest to a point: the index of the stop behind it. */
export function nearestStretch(way: Way, point: Point): number {
  let best = 1;
  let least = Infinity;
  for (let i = 1; i < way.stops.length; i++) {
    const [from, to] = [knotOf(way.stops[i - 1]!), knotOf(way.stops[i]!)];
    for (let k = 1; k < 24; k++) {
      const t = k / 24;
      const u = 1 - t;
      const along = (a: number, b: number, c: number, d: number) =>
        u * u * u * a + 3 * u * u * t * b + 3 * u * t * t * c + t * t * t * d;
      const x = along(from.x, from.x + from.outX, to.x + to.inX, to.x);
      const y = along(from.y, from.y + from.outY, to.y + to.inY, to.y);
      const distance = Math.hypot(x - point.x, y - point.y);
      if (distance < least) [least, best] = [distance, i];
    }
  }
  return best;
}
