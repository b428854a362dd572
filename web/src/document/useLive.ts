import { useMemo } from 'react';
import type { Operation, Scene } from '../api/client';
import { useDocument } from './store';
import { withWished, type Pending } from './wishes';

/** What was last worked out: several views ask for the same. */
let last: { scene: Scene; live: Operation[]; pending: Pending[]; seen: Scene } | null = null;

function withGesture(scene: Scene, live: Operation[], pending: Pending[]): Scene {
  if (last?.scene === scene && last.live === live && last.pending === pending) return last.seen;
  const at = `scenes/${scene.id}/`;
  const own = [...pending.flatMap((one) => one.operations), ...live].filter((one) => one.at.startsWith(at));
  const seen = own.length > 0 ? (withWished({ scenes: [scene] }, own).scenes[0] ?? scene) : scene;
  last = { scene, live, pending, seen };
  return seen;
}

/** The scene with the gesture that is going on and what is not answered yet, so that what is dragged is drawn where it is. */
export function useLive(scene: Scene): Scene {
  const live = useDocument((state) => state.live);
  const pending = useDocument((state) => state.pending);
  return useMemo(() => withGesture(scene, live, pending), [scene, live, pending]);
}
