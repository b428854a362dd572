import type { Scene, Sound } from '../api/client';
import { frames } from './times';

const rateOf = (scene: Scene) => scene.rate.numerator / scene.rate.denominator;

/** Where the part of a recording that is heard begins and ends, frames of the scene. */
export function stretchOf(scene: Scene, sound: Sound): { start: number; end: number } {
  const start = frames(sound.start);
  return { start, end: start + ((sound.to ?? sound.seconds) - (sound.from ?? 0)) * rateOf(scene) };
}
