import type { Operation, Project } from '../api/client';
import { applyPatch, valueAt } from './patch';

/** Words that were edited here and changed elsewhere meanwhile: letter by letter the two make no sense together. */
const garbles = (base: Project, theirs: Project, operation: Operation): boolean =>
  operation.op === 'splice' && valueAt(base, operation.at) !== valueAt(theirs, operation.at);

/**
 * Our changes laid over what was saved elsewhere; null where they do not go together and somebody must choose.
 *
 * @param base the document that ours were made on
 */
export function laidOver(base: Project, theirs: Project, ours: Operation[]): Project | null {
  if (ours.some((operation) => garbles(base, theirs, operation))) return null;
  try {
    return applyPatch(theirs, ours).document;
  } catch {
    return null;
  }
}
