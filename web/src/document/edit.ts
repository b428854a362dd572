import { postJson, RequestError, type Intent, type Operation } from '../api/client';
import { useDocument } from './store';
import { useStage } from './stage';
import { openScene } from './openScene';

interface Outcome {
  operations: Operation[];
  scene: string;
  said: string;
}

/** So often an intent is asked anew, because the document went on while its answer came. */
const MOST_TIMES = 6;

/** What the core answers to something that is wanted of the document as it is now. */
export function wished(intent: Intent): Promise<Outcome> {
  const { id, base, unsaved } = useDocument.getState();
  const { scene, format } = useStage.getState();
  return postJson<Outcome>(`/api/projects/${id}/edit`, {
    draft: { base, patch: { operations: unsaved }, scene, format },
    intent,
  });
}

/**
 * Says what is wanted and does what the core answers: one change, shown, saved and undone like any other. An answer to an older
 * state is asked anew. Gives what is to be said of it.
 *
 * @throws Error with the reason, in words for people, where it cannot be done
 */
export async function edit(intent: Intent): Promise<string> {
  for (let time = 0; time < MOST_TIMES; time++) {
    const { id, document } = useDocument.getState();
    const outcome = await wished(intent);
    const now = useDocument.getState();
    if (now.id !== id) return '';
    if (now.document !== document) continue;
    if (outcome.operations.length > 0) now.commit(outcome.operations);
    const made = useDocument.getState().document?.scenes.find((one) => one.id === outcome.scene);
    if (made) openScene(made);
    // What was keyed or could not be is said by the change itself.
    if (outcome.said) useDocument.setState({ message: outcome.said });
    return outcome.said;
  }
  throw new Error('The project changes too quickly to do this; try again in a moment.');
}

/** The reason of a failure, in words for people. */
export const reasonOf = (error: unknown): string =>
  error instanceof RequestError
    ? error.problem.detail
    : error instanceof Error
      ? error.message
      : String(error);
