import { useMemo } from 'react';
import type { Scene } from '../api/client';
import { applyPatch } from './patch';
import { useDocument } from './store';

/** The scene with the gesture that is going on, so that what is dragged is drawn where it is. */
export function useLive(scene: Scene): Scene {
  const live = useDocument((state) => state.live);
  return useMemo(() => {
    const at = `scenes/${scene.id}/`;
    const own = live.filter((operation) => operation.at.startsWith(at));
    if (own.length === 0) return scene;
    try {
      return applyPatch({ scenes: [scene] }, own).document.scenes[0] ?? scene;
    } catch {
      return scene;
    }
  }, [scene, live]);
}
