import type { Scene } from '../api/client';
import { useStage } from './stage';

/** Opens a scene at its beginning. */
export function openScene(scene: Scene): void {
  useStage.getState().set({
    scene: scene.id,
    format: scene.formats[0]?.id ?? '',
    frame: 0,
    playing: false,
    page: null,
    range: null,
    block: scene.blocks.find((block) => block.kind === 'text')?.id ?? null,
  });
}
