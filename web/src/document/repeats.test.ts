import { beforeEach, expect, test, vi } from 'vitest';
import type { Operation } from '../api/client';
import { repeats } from './repeats';
import { useDocument } from './store';

const kept: [Operation[], string | undefined][] = [];
let where = 10;
const move = (_: unknown, by: { x: number }): Operation[] => [{ op: 'set', at: 'x', value: where + by.x }];

beforeEach(() => {
  kept.length = 0;
  where = 10;
  useDocument.setState({
    pending: [],
    commit: (operations, merge) => {
      kept.push([operations, merge]);
      useDocument.setState({ undoSteps: [{ number: 1, forward: [], inverse: [], merge, at: 0 }] });
    },
  });
});

test('steps that follow closely are counted from where the first began', () => {
  const step = repeats();
  const take = vi.fn(() => where);
  for (let i = 0; i < 3; i++)
    step('a', { x: 2, y: 0 }, take, (from, by) => [{ op: 'set', at: 'x', value: from + by.x }]);
  expect(take).toHaveBeenCalledTimes(1);
  expect(kept.map(([operations, name]) => [(operations[0] as { value: unknown }).value, name])).toEqual([
    [12, 'a'],
    [14, 'a'],
    [16, 'a'],
  ]);
});

test('another thing, and what was undone or changed in between, begin anew', () => {
  const step = repeats();
  step('a', { x: 2, y: 0 }, () => 0, move);
  step('b', { x: 2, y: 0 }, () => 0, move);
  useDocument.setState({ undoSteps: [] });
  step('b', { x: 5, y: 0 }, () => 0, move);
  expect(kept.map(([operations]) => (operations[0] as { value: unknown }).value)).toEqual([12, 12, 15]);
});
