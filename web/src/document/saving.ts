import { RequestError, type Project } from '../api/client';
import { laidOver } from './conflicts';
import { RETRY_MS, type Access } from './documentState';
import { applyPatch } from './patch';
import { sendBatch } from './revisions';
import { keepUnsaved, type Batch } from './unsaved';

/** Sends what is not saved, in batches that the server knows again, until it is answered. */
export function saving({ get, set }: Access) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let sending = false;
  let batch: Batch | null = null;
  /** The newest revision that was heard of. */
  let newest = 0;

  const remember = () => {
    const { id, base, unsaved, pending } = get();
    keepUnsaved(id, {
      base,
      unsaved,
      batch,
      wishes: pending.map(({ wish, operations }) => ({ wish, operations })),
    });
  };

  const schedule = (delay: number) => {
    clearTimeout(timer);
    timer = setTimeout(() => void send(), delay);
  };

  const send = async () => {
    const { id, base, unsaved, save } = get();
    if (sending || unsaved.length === 0 || save === 'refused') return;
    sending = true;
    set({ save: 'saving' });
    const sent = (batch ??= { change: crypto.randomUUID(), base, count: unsaved.length });
    remember();
    try {
      const result = await sendBatch(id, sent, unsaved.slice(0, sent.count));
      if (get().id !== id) return;
      batch = null;
      const { saved, unsaved: all } = get();
      const left = all.slice(sent.count);
      set({
        base: result.revision,
        saved: saved && applyPatch(saved, all.slice(0, sent.count)).document,
        unsaved: left,
        // What is not answered yet is not saved either.
        save: left.length || get().pending.length ? 'saving' : 'saved',
      });
      remember();
      if (left.length) schedule(0);
      else get().heard(id, newest);
    } catch (error) {
      const problem = error instanceof RequestError ? error.problem : { status: 0, detail: String(error) };
      if (get().id !== id) return;
      if (problem.status >= 400 && problem.status < 500) batch = null;
      if (problem.status === 409 && 'document' in problem && problem.document) {
        rebase(problem.revision ?? base, problem.document);
      } else if (problem.status >= 400 && problem.status < 500) {
        set({ save: 'refused', message: problem.detail });
      } else {
        set({ save: 'waiting' });
        schedule(RETRY_MS);
      }
    } finally {
      sending = false;
    }
  };

  /** Someone else saved first: our changes are laid on top of theirs if they still go together. */
  const rebase = (revision: number, theirs: Project) => {
    const { saved, unsaved } = get();
    const document = saved && laidOver(saved, theirs, unsaved);
    if (document) {
      set({
        base: revision,
        saved: theirs,
        document,
        undoSteps: [],
        redoSteps: [],
        newer: null,
        message: 'Changed elsewhere; both changes are kept.',
      });
      schedule(0);
    } else {
      set({
        save: 'refused',
        newer: { revision, document: theirs },
        message: 'Changed in another window, and your last change does not go together with it.',
      });
    }
  };

  return {
    /** Keeps what is not saved, so that it outlives the page. */
    remember,
    /** Saves after a while. */
    schedule,
    /** Forgets what was on its way: another document is open, or another state of it. */
    reset: () => {
      clearTimeout(timer);
      batch = null;
      newest = 0;
    },
    /** Is told the newest revision; gives whether it is one that was made elsewhere. */
    heard: (revision: number) => {
      const { base, unsaved } = get();
      newest = Math.max(newest, revision);
      // While something is on its way its own answer tells.
      return newest > base && !sending && unsaved.length === 0 ? newest : null;
    },
  };
}
