import type { KeysControl } from '../api/client';

export interface Range {
  low: number;
  high: number;
}

/** Room for all values, and some more above and below. */
export function rangeOf(control: KeysControl): Range {
  const all = [...control.samples, ...control.keys.map((key) => key.value * control.shown)];
  const low = Math.min(...all);
  const high = Math.max(...all);
  const room = Math.max((high - low) * 0.25, control.suffix === '%' ? 10 : control.suffix === 'em' ? 0.1 : 5);
  return { low: low - room, high: high + room };
}

/** Where a key may go: between its neighbours, within what the property allows. */
export function keyAt(
  control: KeysControl,
  index: number,
  x: number,
  shownValue: number,
): { at: number; value: number } {
  const before = control.keys[index - 1]?.at ?? -1;
  const after = control.keys[index + 1]?.at ?? 2;
  const at = Math.max(before + 0.005, Math.min(after - 0.005, x));
  const value = Math.max(control.least, Math.min(control.most, shownValue));
  return { at: Number(at.toFixed(3)), value: Number((value / control.shown).toFixed(4)) + 0 };
}
