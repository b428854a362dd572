import { expect, it } from 'vitest';
import { rangeText, typedOnto } from './ledger';

it.each([
  ['12', 12],
  ['+2', 12],
  ['-2', 8],
  ['−2', 8],
  ['×1.5', 15],
  ['* 0,5', 5],
  ['=-2', -2],
  ['', null],
  ['two', null],
])('%j typed onto 10', (text, value) => {
  expect(typedOnto(text, 10)).toBe(value);
});

it('mixed values are a range', () => {
  expect(rangeText([12, 8, 14])).toBe('8–14');
  expect(rangeText([8, 8])).toBe('8');
});
