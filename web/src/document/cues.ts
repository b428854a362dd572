import type { Operation, Scene } from '../api/client';
import { editOrSay } from './edit';
import { useDocument } from './store';
import { useStage } from './stage';
import { frames, time } from './times';

const pathOf = (scene: Scene) => `scenes/${scene.id}/cues`;

/** Moves cues by so many frames, together: none goes before the scene begins, and they stay as far apart as they are. */
export function movedCues(scene: Scene, ids: string[], by: number): Operation[] {
  const meant = (scene.cues ?? []).filter((one) => ids.includes(one.id));
  const first = Math.min(...meant.map((one) => frames(one.at)));
  const shift = Math.max(-first, by);
  return meant.map((one) => ({
    op: 'set',
    at: `${pathOf(scene)}/${one.id}/at`,
    value: time(Math.round((frames(one.at) + shift) * 10) / 10),
  }));
}

/** Takes cues away. */
export const removedCues = (scene: Scene, ids: string[]): Operation[] =>
  (scene.cues ?? [])
    .filter((one) => ids.includes(one.id))
    .map((one) => ({ op: 'remove', at: `${pathOf(scene)}/${one.id}` }));

/** Makes a cue at a frame, named by its number. */
export function addCue(scene: Scene, frame: number): void {
  editOrSay({
    kind: 'addTo',
    list: pathOf(scene),
    format: useStage.getState().format,
    stem: 'cue-',
    numbered: true,
    element: { name: 'Cue', at: time(frame) },
  });
}

/** Makes a cue at the playhead of the open scene. */
export function tapCue(): void {
  const { scene: id, frame } = useStage.getState();
  const scene = useDocument.getState().document?.scenes.find((one) => one.id === id);
  if (scene) addCue(scene, frame);
}
