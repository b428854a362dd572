import { describe, expect, it } from 'vitest';
import type { Scene, Sound } from '../api/client';
import { applyPatch } from './patch';
import { soundAdded, soundBrokenOff, soundMoved, soundTakenUp, stretchOf } from './sounds';

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
const scene = {
  id: 'scene',
  rate: { numerator: 24, denominator: 1 },
  length: 240,
  sounds: [sound],
} as unknown as Scene;
const after = (operations: Parameters<typeof applyPatch>[1]) =>
  (applyPatch({ scenes: [scene] }, operations).document as { scenes: Scene[] }).scenes[0]!.sounds!;

describe('sounds', () => {
  it('lasts as long as its part', () => {
    expect(stretchOf(scene, sound)).toEqual({ start: 48, end: 168 });
  });

  it('is added where the playhead is, with an id of its own', () => {
    const all = after(soundAdded(scene, { ...sound, id: 'sound' }, 12));
    expect(all.map((one) => [one.id, one.start])).toEqual([
      ['s', 48],
      ['sound-1', 12],
    ]);
  });

  it('moves without changing its part', () => {
    expect(after(soundMoved(scene, sound, -60))[0]).toEqual({ ...sound, start: -12 });
  });

  it('is taken up later while what is heard stays at its time', () => {
    const [later] = after(soundTakenUp(scene, sound, 24));
    expect(later).toMatchObject({ start: 72, from: 2, to: 6 });
    expect(stretchOf(scene, later!).end).toBe(168);
    expect(after(soundTakenUp(scene, sound, -240))[0]).toMatchObject({ start: 24, from: 0 });
    expect(after(soundTakenUp(scene, sound, 2400))[0]!.from).toBeCloseTo(5.9);
  });

  it('breaks off within the recording', () => {
    expect(after(soundBrokenOff(scene, sound, -24))[0]!.to).toBe(5);
    expect(after(soundBrokenOff(scene, sound, 2400))[0]!.to).toBe(10);
    expect(after(soundBrokenOff(scene, sound, -2400))[0]!.to).toBeCloseTo(1.1);
  });
});
