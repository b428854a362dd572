import { expect, it } from 'vitest';
import { evenFrames, phaseFrames } from './contact';

it('spreads frames evenly from the first to the last', () => {
  expect(evenFrames(10, 4)).toEqual([0, 3, 6, 9]);
  expect(evenFrames(3, 12)).toEqual([0, 1, 2]);
  expect(evenFrames(1, 5)).toEqual([0]);
});

it('takes each phase of each block, inside the scene and in order', () => {
  const block = { start: 10, arriveEnd: 30, leaveStart: 60, end: 80 };
  expect(phaseFrames([block], 70)).toEqual([20, 30, 45]);
  expect(phaseFrames([{ start: 0, arriveEnd: 0, leaveStart: 50, end: 50 }, block], 200)).toEqual([
    0, 20, 25, 30, 45, 70,
  ]);
  expect(phaseFrames([], 9)).toEqual([0]);
  const many = [...Array(40).keys()].map((i) => ({
    start: i * 9,
    arriveEnd: i * 9 + 3,
    leaveStart: i * 9 + 5,
    end: i * 9 + 8,
  }));
  expect(phaseFrames(many, 1000)).toHaveLength(48);
});
