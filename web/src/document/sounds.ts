import type { Scene, Sound } from '../api/client';
import { useStage } from './stage';
import { frames } from './times';

const rateOf = (scene: Scene) => scene.rate.numerator / scene.rate.denominator;

/** Where the part of a recording that is heard begins and ends, frames of the scene. */
export function stretchOf(scene: Scene, sound: Sound): { start: number; end: number } {
  const start = frames(sound.start);
  return { start, end: start + ((sound.to ?? sound.seconds) - (sound.from ?? 0)) * rateOf(scene) };
}

/** All sounds of a scene, those too that have run on into it where it is the open one. */
export function heardIn(scene: Scene): Sound[] {
  const { scene: open, page } = useStage.getState();
  const running = open === scene.id ? (page?.running ?? []) : [];
  return [...(scene.sounds ?? []), ...running.map((one) => one.sound)];
}
