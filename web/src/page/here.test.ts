import { expect, test } from 'vitest';
import type { NumberControl, PageView } from '../api/client';
import { fromHere, hereOf, toHere } from './here';

const TALL = { scale: 0.5625, left: 0, top: 656.25, width: 1920, height: 3413.3 } as PageView['fit'];
const control = (suffix: string, at: string, units?: NumberControl['units']) =>
  ({ suffix, units, edits: [{ at }] }) as unknown as NumberControl;

test('a size is told and typed in px of the format that is looked at', () => {
  const here = hereOf(control('px', 'scenes/s/blocks/b/setting/size'), TALL)!;
  expect(toHere(120, here)).toBe(67.5);
  expect(fromHere('90 here', here)).toBe(160);
  expect(fromHere(' 45 px here', here)).toBe(80);
});

test('a place is counted from the edge of that format', () => {
  const here = hereOf(control('px', 'scenes/s/blocks/b/place/y/value'), TALL)!;
  expect(toHere(540, here)).toBe(960);
  expect(fromHere('960 here', here)).toBe(540);
});

test('nothing is said of what is no length in px, nor where a px is a px', () => {
  expect(hereOf(control('%', 'scenes/s/blocks/b/setting/tracking'), TALL)).toBeNull();
  const units = [{ label: 'em', selected: true, operations: [] }];
  expect(hereOf(control('px', 'scenes/s/blocks/b/place/x/value', units), TALL)).toBeNull();
  expect(hereOf(control('px', 'scenes/s/blocks/b/setting/size'), { ...TALL, scale: 1 })).toBeNull();
  expect(fromHere('12', { scale: 2, edge: 0 })).toBeUndefined();
  expect(fromHere('12 here', null)).toBeUndefined();
});
