import { RequestError, type Operation } from '../api/client';
import { RETRY_MS, STILL, type Access } from './documentState';
import { useStage } from './stage';
import { answerTo, type Pending } from './wishes';

/** So often a wish is asked anew, because the document went on while its answer came. */
const MOST_TIMES = 6;

/**
 * Has the core answer what is wished.
 *
 * @param enact does what it answers
 * @param remember keeps what is not answered yet
 */
export function answering(
  { get, set }: Access,
  enact: (operations: Operation[], merge?: string, origin?: string, follows?: boolean) => void,
  remember: () => void,
) {
  let asking = false;

  const forget = (one: Pending) => {
    set({ pending: get().pending.filter((other) => other !== one), settling: false });
    const { pending, unsaved, save } = get();
    if (pending.length === 0 && unsaved.length === 0 && save !== 'refused') set({ save: 'saved' });
    remember();
  };

  /** Answers what is wished, one after the other, each on the document as it is then. */
  const answer = async () => {
    if (asking) return;
    asking = true;
    try {
      for (let time = 1; get().pending.length > 0; time++) {
        const { id, base, unsaved, document } = get();
        const one = get().pending[0]!;
        try {
          const outcome = await answerTo(id, base, unsaved, one.wish);
          // Another project is open, or it was taken back meanwhile.
          if (get().id !== id || get().pending[0] !== one) continue;
          if (get().document !== document && time < MOST_TIMES) continue;
          if (get().document !== document)
            throw new Error('The project changes too quickly to do this; try again in a moment.');
          set({ settling: true });
          // What follows from something done before has no changes of its own to show meanwhile.
          if (outcome.operations.length > 0)
            enact(outcome.operations, one.merge, one.origin, one.operations.length === 0);
          const row = one.wish.looking.row ?? null;
          if (outcome.version && row === useStage.getState().row)
            useStage.getState().set({ version: { row, scene: outcome.version } });
          forget(one);
          // What was keyed or could not be is said by the change itself.
          if (outcome.said) set({ message: outcome.said });
          one.answered(outcome);
        } catch (error) {
          if (get().id !== id) continue;
          const status = error instanceof RequestError ? error.problem.status : 400;
          if (status >= 400 && status < 500 && status !== 409) {
            forget(one);
            one.failed(error);
          } else {
            set({ save: 'waiting' });
            await new Promise((done) => setTimeout(done, RETRY_MS));
          }
        }
        time = 0;
      }
    } finally {
      asking = false;
    }
  };

  const wish = (one: Pending) => {
    set({
      ...STILL,
      pending: [...get().pending, one],
      message: '',
      save: get().save === 'waiting' ? 'waiting' : 'saving',
    });
    remember();
    void answer();
  };

  return { wish, forget };
}
