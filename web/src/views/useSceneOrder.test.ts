import { expect, test } from 'vitest';
import { droppedAt } from './useSceneOrder';

test('a dropped scene comes before or after the one that it is dropped on', () => {
  const order = ['a', 'b', 'c', 'd'];
  expect(droppedAt(order, 'a', 'c', 'before')).toBe(1);
  expect(droppedAt(order, 'a', 'c', 'after')).toBe(2);
  expect(droppedAt(order, 'd', 'a', 'before')).toBe(0);
  expect(droppedAt(order, 'd', 'b', 'after')).toBe(2);
});
