import type { Scene } from '../api/client';
import { useStage } from './stage';

/** Opens a scene at its beginning, in the format that is looked at if it has that too. */
export function openScene(scene: Scene): void {
  const { format } = useStage.getState();
  const same = scene.formats.find((one) => one.id === format);
  useStage.getState().set({
    scene: scene.id,
    format: (same ?? scene.formats[0])?.id ?? '',
    frame: 0,
    playing: false,
    page: null,
    range: null,
    block: scene.blocks.find((block) => block.kind === 'text')?.id ?? null,
  });
}
