import type { Scale } from './brush';
import type { ReelPiece } from './reel';

/** Whole pixels of a picture, right and bottom not included. */
export interface Area {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/** px by which an edge may lie beyond where it is told: it is soft, and numbers are rounded when a picture is seen smaller. */
const SOFT = 1.5;

export const pixels = (area: Area): number =>
  Math.max(0, area.right - area.left) * Math.max(0, area.bottom - area.top);

const around = (a: Area, b: Area): Area => ({
  left: Math.min(a.left, b.left),
  top: Math.min(a.top, b.top),
  right: Math.max(a.right, b.right),
  bottom: Math.max(a.bottom, b.bottom),
});

/** So many px more on each side, inside another area. */
export const grown = (area: Area, by: number, within: Area): Area => ({
  left: Math.max(within.left, area.left - by),
  top: Math.max(within.top, area.top - by),
  right: Math.min(within.right, area.right + by),
  bottom: Math.min(within.bottom, area.bottom + by),
});

export const meets = (a: Area, b: Area): boolean =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;

/** The pixels that a piece can touch. */
export function reached(piece: ReelPiece, scale: Scale, within: Area): Area {
  const [left, top, right, bottom] = piece.reach as unknown as [number, number, number, number];
  return {
    left: Math.max(within.left, Math.floor(left * scale.x - SOFT)),
    top: Math.max(within.top, Math.floor(top * scale.y - SOFT)),
    right: Math.min(within.right, Math.ceil(right * scale.x + SOFT)),
    bottom: Math.min(within.bottom, Math.ceil(bottom * scale.y + SOFT)),
  };
}

/** Areas that cover the same and do not meet each other; two whose surrounding is hardly larger become one. */
export function apart(areas: Area[]): Area[] {
  const found: Area[] = [];
  for (const area of areas) {
    if (pixels(area) === 0) continue;
    let all = area;
    for (let i = 0; i < found.length; i++) {
      const one = found[i]!;
      const both = around(all, one);
      if (!meets(all, one) && pixels(both) > pixels(all) + pixels(one)) continue;
      all = both;
      found.splice(i, 1);
      // A larger one may meet those that were passed.
      i = -1;
    }
    found.push(all);
  }
  return found;
}

/**
 * What differs between two lists of pieces.
 *
 * @returns how many of the first pieces are the same, and the pieces of one list alone
 */
export function changes(before: ReelPiece[], after: ReelPiece[]): { common: number; differing: ReelPiece[] } {
  let common = 0;
  while (common < before.length && before[common]?.id === after[common]?.id) common++;
  const places = new Map<string, number[]>();
  for (let i = before.length - 1; i >= common; i--) {
    const id = before[i]!.id;
    places.set(id, [...(places.get(id) ?? []), i]);
  }
  const differing: ReelPiece[] = [];
  // Pieces are taken for the same in the order in which they stand, so that none of them passes another one.
  let passed = common;
  for (const piece of after.slice(common)) {
    const open = places.get(piece.id);
    let place = open?.pop();
    while (place !== undefined && place < passed) place = open?.pop();
    if (place === undefined) {
      differing.push(piece);
      continue;
    }
    differing.push(...before.slice(passed, place));
    passed = place + 1;
  }
  differing.push(...before.slice(passed));
  return { common, differing };
}
