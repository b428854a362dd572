import type { Operation } from '../api/client';
import { useStage } from './stage';

/** What is a block's own, and is never given to others: its words, names, times and marks, and where it stands. */
const OWN = /^(text|runs|placed|name|span|hidden|locked|id|place\/[xy]|shape\/behind)(\/|$)/;

/**
 * The blocks chosen beside the one that a change is for, which take it too: none where it is for several, or for what is a block's own.
 */
export function takeToo(operations: Operation[]): string[] {
  const { scene, block, others } = useStage.getState();
  if (!block || others.length === 0) return [];
  const at = `scenes/${scene}/blocks/${block}/`;
  const all = operations.every(
    (one) => one.op !== 'splice' && one.at.startsWith(at) && !OWN.test(one.at.slice(at.length)),
  );
  return all ? others : [];
}

/** A block with those that are chosen beside it: only itself where another one is chosen. */
export function withOthers(id: string): string[] {
  const { block, others } = useStage.getState();
  return id === block ? [id, ...others] : [id];
}
