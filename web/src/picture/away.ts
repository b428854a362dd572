import type { BlockView } from '../api/client';

interface Point {
  x: number;
  y: number;
}

/** a, b, c, d, e, f of x′ = a·x + c·y + e, y′ = b·x + d·y + f. */
export type Away = [number, number, number, number, number, number];

/** Where a block is carried at a frame, from where its boxes lie; null where it stands. */
export function awayOf(view: BlockView, frame: number): Away | null {
  const travel = view.travel;
  if (!travel || travel.away.length === 0) return null;
  const index = Math.max(0, Math.min(travel.away.length - 1, frame - travel.first));
  const map = travel.away[index]!;
  return map.length === 6 ? (map as Away) : null;
}

/** A point of the picture as one where the block's boxes lie. */
export function home(away: Away | null, point: Point): Point {
  if (!away) return point;
  const [a, b, c, d, e, f] = away;
  const determinant = a * d - b * c;
  if (determinant === 0) return point;
  const [x, y] = [point.x - e, point.y - f];
  return { x: (d * x - c * y) / determinant, y: (a * y - b * x) / determinant };
}

/** Whether a point of the picture lies on the block where it is at a frame. */
export function isOn(view: BlockView, away: Away | null, point: Point): boolean {
  const at = home(away, point);
  const { left, right, top, bottom } = view.restBox;
  return at.x >= left && at.x <= right && at.y >= top && at.y <= bottom;
}

/** For SVG's transform. */
export const transformOf = (away: Away | null) => (away ? `matrix(${away.join(' ')})` : undefined);
