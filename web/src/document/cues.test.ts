import { expect, test } from 'vitest';
import type { Scene } from '../api/client';
import { movedCues, removedCues } from './cues';

const scene = {
  id: 's',
  cues: [
    { id: 'a', name: 'Last', at: 12 },
    { id: 'b', name: 'Boat', at: 30 },
    { id: 'c', name: 'Home', at: 48 },
  ],
} as unknown as Scene;

test('cues move together and stay as far apart', () => {
  expect(movedCues(scene, ['a', 'c'], 6)).toEqual([
    { op: 'set', at: 'scenes/s/cues/a/at', value: 18 },
    { op: 'set', at: 'scenes/s/cues/c/at', value: 54 },
  ]);
  expect(movedCues(scene, ['a', 'b'], -20).map((one) => 'value' in one && one.value)).toEqual([0, 18]);
});

test('cues are taken away together', () => {
  expect(removedCues(scene, ['b', 'c', 'gone'])).toEqual([
    { op: 'remove', at: 'scenes/s/cues/b' },
    { op: 'remove', at: 'scenes/s/cues/c' },
  ]);
});
