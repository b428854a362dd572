import { expect, test } from 'vitest';
import { COARSEST, Pace } from './pace';

const told = (pace: Pace, times: number[]) => times.map((ms) => pace.took(ms)).at(-1);

test('what is painted in time stays as fine as it is', () => {
  expect(told(new Pace(40), Array<number>(100).fill(30))).toBe(1);
});

test('a few that take long are no reason to be coarser', () => {
  expect(told(new Pace(40), [200, 10, 10, 200, 10, 10, 10, 200])).toBe(1);
});

test('what takes too long is made coarser step by step, and not finer again', () => {
  const pace = new Pace(40);
  expect(told(pace, Array<number>(8).fill(90))).toBe(2);
  expect(told(pace, Array<number>(8).fill(60))).toBe(4);
  expect(told(pace, Array<number>(800).fill(60))).toBe(COARSEST);
  expect(told(pace, Array<number>(80).fill(2))).toBe(4);
});
