import type { Operation, Scene } from '../api/client';
import { useDocument } from './store';
import { useStage } from './stage';
import { time } from './times';

/** A cue made at a frame, named by its number. */
export function cueAdded(scene: Scene, frame: number): Operation[] {
  const cues = scene.cues ?? [];
  let number = 1;
  while (cues.some((cue) => cue.id === `cue-${number}`)) number++;
  const value = { id: `cue-${number}`, name: `Cue ${number}`, at: time(frame) };
  const at = `scenes/${scene.id}/cues`;
  return [scene.cues ? { op: 'insert', at, index: 10_000, value } : { op: 'set', at, value: [value] }];
}

/** Makes a cue at the playhead of the open scene. */
export function tapCue(): void {
  const { document, commit } = useDocument.getState();
  const { scene: id, frame } = useStage.getState();
  const scene = document?.scenes.find((one) => one.id === id);
  if (scene) commit(cueAdded(scene, frame));
}
