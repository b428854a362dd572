import type { BlockView } from '../api/client';

interface Point {
  x: number;
  y: number;
}

/**
 * a, b, c, d, e, f of x′ = a·x + c·y + e, y′ = b·x + d·y + f; and g, h where it leans into the distance, by whose g·x + h·y + 1 both
 * are divided.
 */
export type Away = number[];

/** Where a block is carried at a frame, from where its boxes lie; null where it stands. */
export function awayOf(view: BlockView, frame: number): Away | null {
  const travel = view.travel;
  if (!travel || travel.away.length === 0) return null;
  const index = Math.max(0, Math.min(travel.away.length - 1, frame - travel.first));
  const map = travel.away[index]!;
  return map.length >= 6 ? map : null;
}

/** Whether what is seen is in perspective, so that no flat map shows it. */
export const leans = (away: Away | null) => away !== null && away.length > 6;

const read = (away: Away) => {
  const [a = 1, b = 0, c = 0, d = 1, e = 0, f = 0, g = 0, h = 0] = away;
  return { a, b, c, d, e, f, g, h };
};

/** A point of the picture as one where the block's boxes lie. */
export function home(away: Away | null, point: Point): Point {
  if (!away) return point;
  const { a, b, c, d, e, f, g, h } = read(away);
  // The adjugate of the 3 × 3 matrix.
  const x = (d - f * h) * point.x + (e * h - c) * point.y + (c * f - e * d);
  const y = (f * g - b) * point.x + (a - e * g) * point.y + (e * b - a * f);
  const w = (b * h - d * g) * point.x + (c * g - a * h) * point.y + (a * d - c * b);
  return w === 0 ? point : { x: x / w, y: y / w };
}

/** As near to the eye as something is still shown, of 1 for the picture itself. */
const NEAR = 0.05;

/** An outline where the block's boxes lie, as it is seen in the picture; what is behind the eye is cut off. */
export function seen(away: Away, outline: Point[]): Point[] {
  const { a, b, c, d, e, f, g, h } = read(away);
  const depth = ({ x, y }: Point) => g * x + h * y + 1;
  const before = outline.flatMap((point, i) => {
    const next = outline[(i + 1) % outline.length]!;
    const [here, there] = [depth(point), depth(next)];
    const kept = here >= NEAR ? [point] : [];
    if (here >= NEAR === there >= NEAR) return kept;
    const share = (NEAR - here) / (there - here);
    return [...kept, { x: point.x + share * (next.x - point.x), y: point.y + share * (next.y - point.y) }];
  });
  return before.map((point) => ({
    x: (a * point.x + c * point.y + e) / depth(point),
    y: (b * point.x + d * point.y + f) / depth(point),
  }));
}

/** Whether a point of the picture lies on the block where it is at a frame. */
export function isOn(view: BlockView, away: Away | null, point: Point): boolean {
  const at = home(away, point);
  const { left, right, top, bottom } = view.restBox;
  return at.x >= left && at.x <= right && at.y >= top && at.y <= bottom;
}

/** For SVG's transform; of a flat map. */
export const transformOf = (away: Away | null) => (away ? `matrix(${away.join(' ')})` : undefined);
