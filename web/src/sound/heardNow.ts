import type { Heard, Scene } from '../api/client';
import { useDocument } from '../document/store';
import type { StageState } from '../document/stage';
import { clicksOf } from './clicks';

const NOTHING: Heard[] = [];
let clicked: { heard: Heard[]; beats: unknown; length: number; rate: number; all: Heard[] } | null = null;

/** What is heard of the open scene, with a click on its beats where that is wanted; nothing while its sounds are switched off. */
export function heardNow(stage: StageState): Heard[] {
  const heard = stage.sound ? (stage.page?.heard ?? NOTHING) : NOTHING;
  const scene = stage.click && useDocument.getState().document?.scenes.find((one) => one.id === stage.scene);
  return scene ? withClicks(heard, scene) : heard;
}

/** The same list as long as nothing of it changes. */
function withClicks(heard: Heard[], scene: Scene): Heard[] {
  const { beats, length } = scene;
  const rate = scene.rate.numerator / scene.rate.denominator;
  const same =
    clicked?.heard === heard && clicked.beats === beats && clicked.length === length && clicked.rate === rate;
  if (!same || !clicked) clicked = { heard, beats, length, rate, all: [...heard, ...clicksOf(scene)] };
  return clicked.all;
}
