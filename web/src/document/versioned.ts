import { useMemo } from 'react';
import type { Project, Scene } from '../api/client';
import { shownScene } from './overrides';
import { useStage } from './stage';
import { useDocument } from './store';
import { withWished, type Pending } from './wishes';

const NONE: Pending[] = [];

/** A scene as it stands in the version and under the conditions that are looked at, as far as the server has told that; otherwise in the project. */
export function versioned(scene: Scene): Scene {
  const { row, version } = useStage.getState();
  return version?.row === row && version.scene.id === scene.id ? version.scene : scene;
}

/** The scene as the shown version and format have it, with what is wished and not answered yet. */
export function useShown(scene: Scene | undefined, format: string): Scene | undefined {
  const row = useStage((state) => state.row);
  const version = useStage((state) => state.version);
  const pending = useDocument((state) => (row || version ? state.pending : NONE));
  return useMemo(() => {
    if (!scene) return undefined;
    const told = version?.row === row && version.scene.id === scene.id ? version.scene : scene;
    const shown = shownScene(told, format);
    const wished = pending
      .flatMap((one) => one.operations)
      .filter((one) => one.at.startsWith(`scenes/${scene.id}/`));
    return wished.length === 0 ? shown : withWished({ scenes: [shown] }, wished).scenes[0];
  }, [scene, format, row, version, pending]);
}

/** The version that is looked at, as the table has it; null where none is. */
export function rowOf(project: Project | null, row: string | null) {
  return project?.table?.rows?.find((one) => one.id === row) ?? null;
}
