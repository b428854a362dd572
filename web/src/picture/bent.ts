/** A point of a curve and its two handles as distances from it. */
export interface Knot {
  x: number;
  y: number;
  inX: number;
  inY: number;
  outX: number;
  outY: number;
}

export type Which = 'knot' | 'in' | 'out';

/** A knot after a drag. A handle takes the other one along, in line with it, unless it is bent alone. */
export function bent<K extends Knot>(knot: K, which: Which, dx: number, dy: number, alone: boolean): K {
  const round = (value: number) => Number(value.toFixed(1));
  if (which === 'knot') return { ...knot, x: round(knot.x + dx), y: round(knot.y + dy) };
  const own =
    which === 'in' ? { x: knot.inX + dx, y: knot.inY + dy } : { x: knot.outX + dx, y: knot.outY + dy };
  const other = which === 'in' ? { x: knot.outX, y: knot.outY } : { x: knot.inX, y: knot.inY };
  const length = Math.hypot(own.x, own.y) || 1;
  const kept = Math.hypot(other.x, other.y);
  const turned = alone || kept === 0 ? other : { x: (-own.x / length) * kept, y: (-own.y / length) * kept };
  const [inward, outward] = which === 'in' ? [own, turned] : [turned, own];
  return {
    ...knot,
    inX: round(inward.x),
    inY: round(inward.y),
    outX: round(outward.x),
    outY: round(outward.y),
  };
}
