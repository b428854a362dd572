import type { Operation } from '../api/client';
import { useStage } from './stage';

/**
 * The blocks chosen beside the one that a change is for, which may take it too: none where it is for several, or types words. What of it
 * they take is the core's to say.
 */
export function takeToo(operations: Operation[]): string[] {
  const { scene, block, others } = useStage.getState();
  const at = `scenes/${scene}/blocks/${block}/`;
  const its = operations.every((one) => one.op !== 'splice' && one.at.startsWith(at));
  return block && its ? others : [];
}

/** A block with those that are chosen beside it: only itself where another one is chosen. */
export function withOthers(id: string): string[] {
  const { block, others } = useStage.getState();
  return id === block ? [id, ...others] : [id];
}
