import type { Operation, Scene } from '../api/client';
import { useDocument } from './store';
import { useStage } from './stage';
import { time } from './times';
import { appended, free, idsOf } from './ids';

/** A cue made at a frame, named by its number. */
export function cueAdded(scene: Scene, frame: number): Operation[] {
  const id = free('cue-', idsOf(scene.cues));
  const value = { id, name: `Cue ${id.slice('cue-'.length)}`, at: time(frame) };
  return [appended(`scenes/${scene.id}/cues`, scene.cues, value)];
}

/** Makes a cue at the playhead of the open scene. */
export function tapCue(): void {
  const { document, commit } = useDocument.getState();
  const { scene: id, frame } = useStage.getState();
  const scene = document?.scenes.find((one) => one.id === id);
  if (scene) commit(cueAdded(scene, frame));
}
