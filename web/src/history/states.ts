import { api, type Project, type Scene } from '../api/client';
import type { components } from '../api/generated';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { stills } from '../painter/still';

export type Kept = components['schemas']['Kept'];

const WIDE = 192;
const HIGH = 108;

export const pictureOf = (project: string, state: Kept) =>
  `/api/projects/${project}/states/${state.id}/picture`;

/** How a frame of a scene is asked for as it was at a revision. */
export const draftOf = (project: string, base: number, scene: Scene) => ({
  project,
  base,
  operations: [],
  scene: scene.id,
  format: scene.formats[0]!.id,
  resting: null,
  length: scene.length,
  piece: 1,
});

/** The size of a small picture of a scene. */
export function smallSize(scene: Scene, wide = WIDE, high = HIGH): { width: number; height: number } {
  const { width, height } = scene.formats[0]!;
  const scale = Math.min(wide / width, high / height);
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/** Keeps the newest saved state, with a picture of the frame at the playhead. Throws a sentence where that fails. */
export async function keep(name: string, byHand: boolean): Promise<Kept> {
  const { id, base, document } = useDocument.getState();
  const { scene: open, frame } = useStage.getState();
  const scene = document?.scenes.find((one) => one.id === open) ?? document?.scenes[0];
  if (!scene) throw new Error('There is nothing to keep yet.');
  let picture = '';
  const { width, height } = smallSize(scene);
  const at = Math.min(frame, scene.length - 1);
  // A state without a picture is better than none.
  await stills(draftOf(id, base, scene), [at], width, height, (canvas) => {
    picture = canvas.toDataURL('image/png').split(',')[1] ?? '';
  }).catch(() => undefined);
  const { data, error } = await api.POST('/api/projects/{id}/states', {
    params: { path: { id } },
    body: { revision: base, name, byHand, scene: scene.id, frame: at, picture },
  });
  if (!data)
    throw new Error((error as { detail?: string } | undefined)?.detail ?? 'The state cannot be kept.');
  return data;
}

/** The document as it was at a revision. */
export async function documentAt(project: string, revision: number): Promise<Project> {
  const { data, error } = await api.GET('/api/projects/{id}/revisions/{number}', {
    params: { path: { id: project, number: revision } },
  });
  if (!data)
    throw new Error((error as { detail?: string } | undefined)?.detail ?? 'This state cannot be read.');
  return data.document as Project;
}
