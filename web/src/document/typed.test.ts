import { expect, it } from 'vitest';
import { timeOnto, typedOnto } from './typed';

it.each([
  ['12', 12],
  ['+2', 12],
  ['-2', 8],
  ['−2', 8],
  ['×1.5', 15],
  ['* 0,5', 5],
  ['=-2', -2],
  ['50 %', 5],
  ['x 2', 20],
  ['.5', 0.5],
  ['', null],
  ['two', null],
])('%j typed onto 10', (text, value) => {
  expect(typedOnto(text, 10)).toBe(value);
});

it('where numbers below zero are usual a minus is one, and percent are percent where they are shown', () => {
  expect(typedOnto('-2', 10, 'is negative')).toBe(-2);
  expect(typedOnto('50 %', 80, 'is negative', true)).toBe(50);
});

it.each([
  ['36', 36],
  ['+12', 22],
  ['-1s', -14],
  ['+2b', 40],
  ['1+12', 36],
  ['×2', 20],
  ['50 %', 5],
  ['soon', null],
  ['+soon', null],
])('%j typed onto frame 10', (text, time) => {
  expect(timeOnto(text, 10, { rate: 24, beat: 15 })).toBe(time);
});
