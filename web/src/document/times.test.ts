import { expect, it } from 'vitest';
import type { BlockView, Scene } from '../api/client';
import { draggedTo, frames, time, withGroup } from './times';

it('drags along the paths that were given, within their bounds', () => {
  const handle: BlockView['handles']['move'] = {
    edits: [
      { at: 'a/span/start', factor: 1, offset: 10 },
      { at: 'a/span/end', factor: -1, offset: 30 },
    ],
    least: -10,
    most: 100,
  };
  const values = (to: number) => draggedTo(handle, to).map((one) => (one.op === 'set' ? one.value : null));
  expect(values(7.5)).toEqual([17.5, 22.5]);
  expect(values(-40)).toEqual([0, 40]);
});

it('goes with its group unless that is opened', () => {
  const grouped = {
    blocks: [{ id: 'a' }, { id: 'b' }, { id: 'c' }],
    groups: [{ id: 'g', name: 'Stops', blocks: ['a', 'c', 'gone'] }],
  } as unknown as Scene;
  expect(withGroup(grouped, ['a'], [])).toEqual(['a', 'c']);
  expect(withGroup(grouped, ['a'], ['g'])).toEqual(['a']);
});

it('reads and writes times of the document', () => {
  expect([12, '7/2'].map(frames)).toEqual([12, 3.5]);
  expect([12, 3.5].map(time)).toEqual([12, '3500/1000']);
});
