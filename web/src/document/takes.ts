import type { Scene } from '../api/client';

/** True for another take of a scene that is there. */
export const isTake = (scenes: Scene[], scene: Scene) =>
  Boolean(scene.takeOf) && scenes.some((one) => one.id === scene.takeOf);
