import { expect, it } from 'vitest';
import type { Scene, Sound } from '../api/client';
import { stretchOf } from './sounds';

const sound: Sound = {
  id: 's',
  name: 'a',
  kind: 'voice',
  sha256: 'f',
  seconds: 10,
  start: 48,
  from: 1,
  to: 6,
};
const scene = { id: 'scene', rate: { numerator: 24, denominator: 1 }, length: 240 } as unknown as Scene;

it('a sound is drawn as long as its part, or to its end', () => {
  expect(stretchOf(scene, sound)).toEqual({ start: 48, end: 168 });
  expect(stretchOf(scene, { ...sound, to: undefined, start: '95/2' })).toEqual({ start: 47.5, end: 263.5 });
});
