import type { Operation, Scene, Sound } from '../api/client';
import { appended, free, idsOf } from './ids';
import { frames, time } from './times';

const rateOf = (scene: Scene) => scene.rate.numerator / scene.rate.denominator;

/** Where the part of a recording that is heard begins and ends, frames of the scene. */
export function stretchOf(scene: Scene, sound: Sound): { start: number; end: number } {
  const start = frames(sound.start);
  return { start, end: start + ((sound.to ?? sound.seconds) - (sound.from ?? 0)) * rateOf(scene) };
}

/** A recording that was taken in, as a new sound from this frame on. */
export function soundAdded(scene: Scene, kept: Sound, frame: number): Operation[] {
  const value = { ...kept, id: free('sound-', idsOf(scene.sounds)), start: time(frame) };
  return [appended(`scenes/${scene.id}/sounds`, scene.sounds, value)];
}

const hundredth = (value: number) => Math.round(value * 100) / 100;

/** The sound somewhere else in time. */
export const soundMoved = (scene: Scene, sound: Sound, by: number): Operation[] => [
  { op: 'set', at: `scenes/${scene.id}/sounds/${sound.id}/start`, value: time(frames(sound.start) + by) },
];

/** Its part begins so many frames later; what is heard stays at its time. */
export function soundTakenUp(scene: Scene, sound: Sound, by: number): Operation[] {
  const at = `scenes/${scene.id}/sounds/${sound.id}`;
  const from = sound.from ?? 0;
  const wanted = from + by / rateOf(scene);
  const to = hundredth(Math.max(0, Math.min((sound.to ?? sound.seconds) - LEAST, wanted)));
  // The frames that the seconds really are, so that both change by the same.
  const start = frames(sound.start) + (to - from) * rateOf(scene);
  return [
    { op: 'set', at: `${at}/from`, value: to },
    { op: 'set', at: `${at}/start`, value: time(Math.round(start * 100) / 100) },
  ];
}

/** Its part ends so many frames later. */
export function soundBrokenOff(scene: Scene, sound: Sound, by: number): Operation[] {
  const wanted = (sound.to ?? sound.seconds) + by / rateOf(scene);
  const to = Math.max((sound.from ?? 0) + LEAST, Math.min(sound.seconds, wanted));
  return [{ op: 'set', at: `scenes/${scene.id}/sounds/${sound.id}/to`, value: hundredth(to) }];
}

/** Seconds that always stay of a part. */
const LEAST = 0.1;
