import type { Intent, Operation } from '../api/client';
import { openScene } from './openScene';
import { useDocument } from './store';
import { reasonOf } from './reasons';
import { useStage } from './stage';

/**
 * Says what is wanted and does what the core answers: one change, shown, saved and undone like any other. Gives what is to be said of
 * it.
 *
 * @param origin the drawer that wants it, so that it can be taken back with what else the drawer did
 * @throws Error with the reason, in words for people, where it cannot be done
 */
export async function edit(intent: Intent, origin?: string): Promise<string> {
  const outcome = await useDocument.getState().ask(intent, undefined, origin);
  const made = useDocument.getState().document?.scenes.find((one) => one.id === outcome.scene);
  if (made) openScene(made);
  if (outcome.block) useStage.getState().set({ block: outcome.block });
  return outcome.said;
}

/** The same, from where nobody waits for it: what cannot be done is said by the document. */
export function editOrSay(intent: Intent, origin?: string): void {
  edit(intent, origin).catch((error: unknown) => useDocument.setState({ message: reasonOf(error) }));
}

/**
 * What a gesture comes to at its end: changes of what is shown, or an intent. Gestures of one name that follow each other closely are one
 * change.
 */
export function keep(wished: Operation[] | Intent, name?: string): void {
  if (!Array.isArray(wished)) editOrSay(wished);
  else if (wished.length > 0) useDocument.getState().commit(wished, name);
}
