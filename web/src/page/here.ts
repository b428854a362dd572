import type { NumberControl, PageView } from '../api/client';

/** How px of the base frame become px of the format that is looked at: times `scale`, and from `edge` on where it is a place. */
export interface Here {
  scale: number;
  edge: number;
}

const PLACE = /\/place\/([xy])\/value$/;

/** Null for what is no length in px, and where a px is a px. */
export function hereOf(control: NumberControl, fit: PageView['fit'] | undefined): Here | null {
  const unit = control.units?.find((one) => one.selected)?.label ?? control.suffix;
  if (!fit || fit.scale === 1 || unit !== 'px') return null;
  const axis = PLACE.exec(control.edits[0]?.at ?? '')?.[1];
  return { scale: fit.scale, edge: axis === 'x' ? fit.left : axis === 'y' ? fit.top : 0 };
}

export const toHere = (value: number, { scale, edge }: Here) => Math.round((value * scale + edge) * 10) / 10;

/** A number that is typed as px of the format that is looked at: "68 here"; undefined for all else. */
export function fromHere(text: string, here: Here | null): number | undefined {
  const found = here && /^\s*(-?\d+(?:[.,]\d+)?)\s*(?:px\s*)?here\s*$/.exec(text);
  if (!found) return undefined;
  return Math.round(((Number(found[1]!.replace(',', '.')) - here.edge) / here.scale) * 100) / 100;
}
