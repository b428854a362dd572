import { expect, it } from 'vitest';
import type { NumberControl } from '../api/client';
import { beyond, clampTo, numberOperations, readTime } from './edits';

it.each([
  ['36', 36],
  ['36 fr', 36],
  ['1.5s', 36],
  ['1,5 s', 36],
  ['1+12', 36],
  ['0:01 + 12', 36],
  ['1:00 + 00', 1440],
  ['2b', 30],
  ['soon', null],
  ['', null],
])('reads the time %j', (text, frames) => {
  expect(readTime(text, 24, 15)).toBe(frames);
});

it('knows no beats where there are none', () => {
  expect(readTime('2b', 24, null)).toBeNull();
});

it('stores a shown number by its factor, without the noise of binary fractions', () => {
  expect(numberOperations([{ at: 'x', factor: 0.01, offset: 0 }], 35)).toEqual([
    { op: 'set', at: 'x', value: 0.35 },
  ]);
  expect(numberOperations([{ at: 'x', factor: -1, offset: 0 }], 0)).toEqual([
    { op: 'set', at: 'x', value: 0 },
  ]);
  expect(numberOperations([{ at: 'x', factor: 1, offset: 0, value: 'fixed' }], 5)).toEqual([
    { op: 'set', at: 'x', value: 'fixed' },
  ]);
  // 36.7 px of a small format are kept as hundredths.
  expect(numberOperations([{ at: 'x', factor: 1 / 0.1354, offset: 0, grain: 0.01 }], 36.7)).toEqual([
    { op: 'set', at: 'x', value: 271.05 },
  ]);
});

it('keeps numbers within bounds and on the step', () => {
  const control = { least: 0, most: 5, step: 0.05 } as NumberControl;
  expect(clampTo(control, 7)).toBe(5);
  expect(clampTo(control, -1)).toBe(0);
  expect(clampTo(control, 0.613)).toBe(0.6);
  expect(clampTo(control, 0.613, 0)).toBe(0.613);
});

it('says the bound that a typed number lies beyond', () => {
  const control = { label: 'size', least: 0.5, most: 4000, suffix: 'px' } as NumberControl;
  expect(beyond(control, 4001)).toBe('size: 4000 px is the most that can be set here.');
  expect(beyond(control, -1)).toBe('size: 0.5 px is the least that can be set here.');
  expect(beyond({ ...control, suffix: '' }, 4000)).toBe('');
});
