import { expect, it } from 'vitest';
import { bezierText, ladderText } from './curves';

it('keeps the handles of a curve between its begin and its end in time', () => {
  expect(bezierText(-0.4, 0.12345, 1.7, 3)).toBe('cubic-bezier(0, 0.123, 1, 2)');
});

it('says a ladder as points that are evenly apart, with one of them moved', () => {
  expect(ladderText([0, 0.5, 0.8, 1], 2, 0.61234)).toBe('linear(0, 0.5, 0.612, 1)');
});
