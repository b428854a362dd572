import { useMemo } from 'react';
import type { Operation, Scene } from '../api/client';
import { applyPatch } from './patch';
import { useDocument } from './store';

/** What was last worked out: several views ask for the same. */
let last: { scene: Scene; live: Operation[]; seen: Scene } | null = null;

function withGesture(scene: Scene, live: Operation[]): Scene {
  if (last?.scene === scene && last.live === live) return last.seen;
  const at = `scenes/${scene.id}/`;
  const own = live.filter((operation) => operation.at.startsWith(at));
  let seen = scene;
  if (own.length > 0) {
    try {
      seen = applyPatch({ scenes: [scene] }, own).document.scenes[0] ?? scene;
    } catch {
      // What no longer fits is not shown.
    }
  }
  last = { scene, live, seen };
  return seen;
}

/** The scene with the gesture that is going on, so that what is dragged is drawn where it is. */
export function useLive(scene: Scene): Scene {
  const live = useDocument((state) => state.live);
  return useMemo(() => withGesture(scene, live), [scene, live]);
}
