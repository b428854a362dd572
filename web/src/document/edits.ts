import type { Edit, NumberControl, Operation } from '../api/client';
import { valueAt } from './patch';

/** What the control's number is in the document, which may be newer than the sentence that shows it. */
export function numberNow(control: NumberControl, document: unknown): number {
  const edit = control.edits[0];
  const stored = edit && (edit.value ?? null) === null ? valueAt(document, edit.at) : undefined;
  return typeof stored === 'number' && edit
    ? Number(((stored - (edit.offset ?? 0)) / edit.factor).toFixed(4))
    : control.value;
}

/** Whether the number that a control sets stands at a path with this end: controls are known by what they change. */
export const setsNumber = (control: NumberControl, end: string): boolean =>
  control.edits.some((edit) => (edit.value ?? null) === null && edit.at.endsWith(end));

/** The operations by which a control's edits store a shown number. */
export function numberOperations(edits: Edit[], shown: number): Operation[] {
  return edits.map((edit) => ({
    op: 'set',
    at: edit.at,
    value:
      edit.value !== undefined && edit.value !== null
        ? edit.value
        : round(onGrain((edit.offset ?? 0) + shown * edit.factor, edit.grain)),
  }));
}

const onGrain = (value: number, grain: number | null | undefined): number =>
  grain ? Math.round(value / grain) * grain : value;

/** Decimals as people write them: products such as 0.35 × 0.01 without the noise of binary fractions. */
function round(value: number): number {
  return Number(value.toFixed(6)) + 0;
}

/** A number within the control's bounds, on a whole multiple of its step when it comes from a drag. */
export function clampTo(control: NumberControl, value: number, step = control.step): number {
  const snapped = step > 0 ? Math.round(value / step) * step : value;
  return Number(Math.max(control.least, Math.min(control.most, snapped)).toFixed(4));
}

/** What is said of a typed number that lies beyond the control's bounds; empty for one that can be set. */
export function beyond({ label, least, most, suffix }: NumberControl, typed: number): string {
  const unit = suffix ? ` ${suffix}` : '';
  if (typed > most) return `${label}: ${most}${unit} is the most that can be set here.`;
  return typed < least ? `${label}: ${least}${unit} is the least that can be set here.` : '';
}

/** What is said of something typed that is no time. */
export const noTime = (typed: string) => `“${typed}” is no time: type 36, 1.5s, 1+12 or 2b.`;

/**
 * A time as people type it: frames `36`, seconds `1.5s`, seconds + frames `1+12` or `0:01 + 12`, beats `2b`. Null when
 * unreadable.
 */
export function readTime(text: string, rate: number, beat: number | null): number | null {
  const typed = text.trim().replace(',', '.');
  let match = /^(-?\d+(?:\.\d+)?)(?:\s*(?:fr|f))?$/.exec(typed);
  if (match) return Number(match[1]);
  match = /^(\d+(?:\.\d+)?)\s*s$/.exec(typed);
  if (match) return Math.round(Number(match[1]) * rate);
  match = /^(?:(\d+):)?(\d+)\s*\+\s*(\d+)$/.exec(typed);
  if (match) return (Number(match[1] ?? 0) * 60 + Number(match[2])) * Math.round(rate) + Number(match[3]);
  match = /^(\d+(?:\.\d+)?)\s*b$/.exec(typed);
  if (match && beat) return Number(match[1]) * beat;
  return null;
}
