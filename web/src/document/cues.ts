import type { Scene } from '../api/client';
import { editOrSay } from './edit';
import { useDocument } from './store';
import { useStage } from './stage';
import { time } from './times';

/** Makes a cue at a frame, named by its number. */
export function addCue(scene: Scene, frame: number): void {
  editOrSay({
    kind: 'addTo',
    list: `scenes/${scene.id}/cues`,
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
