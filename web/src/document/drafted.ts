import { draftNow } from './store';
import { useStage } from './stage';

/** The draft that is looked at, as requests bring it along. */
export function draftedNow() {
  const { base, operations, wishes, row, condition } = draftNow();
  const { scene, format } = useStage.getState();
  return { base, patch: { operations }, wishes, scene, format, row, condition };
}
