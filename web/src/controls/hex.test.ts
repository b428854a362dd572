import { expect, test } from 'vitest';
import { readHex } from './hex';

test('a colour is six digits, or eight where it may let something through', () => {
  expect(readHex('F0C24A', false)).toBe('#f0c24a');
  expect(readHex(' #f0c24a80 ', false)).toBe('#f0c24a80');
  expect(readHex('#f0c24aff', false)).toBe('#f0c24a');
  expect(readHex('#f0c24a80', true)).toBeNull();
  expect(readHex('#f0c24', false)).toBeNull();
  expect(readHex('gold', false)).toBeNull();
  expect(readHex('', false)).toBeNull();
});

test('three digits stand for six once no more are to come', () => {
  expect(readHex('#fc4', false)).toBeNull();
  expect(readHex('#fc4', false, true)).toBe('#ffcc44');
});
