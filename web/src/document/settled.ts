import { useDocument } from './store';
import { until } from './until';

/** ms until what is not saved by then is told. */
const SAVING_MS = 10_000;

/** Ends when all that was changed is saved: the server works on what it knows. What cannot be saved is thrown. */
export async function saved(): Promise<void> {
  await until(() => useDocument.getState().save !== 'saving', SAVING_MS);
  if (useDocument.getState().save !== 'saved')
    throw new Error('Your last change is not saved yet, so it cannot be used. Try again once it is.');
}
