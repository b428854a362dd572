import { expect, test } from 'vitest';
import { arrowOf } from './stepping';

const press = (key: string, held: object = {}) =>
  arrowOf({ key, shiftKey: false, altKey: false, ctrlKey: false, metaKey: false, ...held });

test('arrows move by one step, by ten with Shift and by a tenth with Alt', () => {
  expect(press('ArrowRight')).toEqual({ x: 1, y: 0 });
  expect(press('ArrowUp', { shiftKey: true })).toEqual({ x: 0, y: -10 });
  expect(press('ArrowLeft', { altKey: true })).toEqual({ x: -0.1, y: 0 });
});

test('other keys, and arrows that mean something else, move nothing', () => {
  expect(press('a')).toBeNull();
  expect(press('ArrowRight', { ctrlKey: true })).toBeNull();
});
