import { create } from 'zustand';
import { RequestError, type Intent, type Operation, type Project, type Wish } from '../api/client';
import { shownDocument } from './overrides';
import { applyPatch } from './patch';
import { laidOver } from './conflicts';
import { fetched, fetchedAt, finishBatch, sendBatch, takesOf } from './revisions';
import { useStage } from './stage';
import { keepUnsaved, leftBehind, type Batch, type Kept } from './unsaved';
import { answerTo, mustAsk, withWished, wishOf, type Outcome, type Pending } from './wishes';

interface UndoStep {
  /** Rises from step to step. */
  number: number;
  forward: Operation[];
  inverse: Operation[];
  merge?: string;
  /** The drawer that made it. */
  origin?: string;
  at: number;
}

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

interface DocumentState {
  id: string;
  /** The saved revision that `unsaved` builds on. */
  base: number;
  /** The document of that revision. */
  saved: Project | null;
  document: Project | null;
  /** Committed changes that are not saved yet, the ones on their way included. */
  unsaved: Operation[];
  /** The gesture that is going on, as changes of what is shown. */
  live: Operation[];
  /** The same as a wish, where the core has to say what it comes to. */
  gesture: Wish | null;
  /** What is wished and has not been answered yet, in order. */
  pending: Pending[];
  undoSteps: UndoStep[];
  redoSteps: UndoStep[];
  save: SaveState;
  message: string;
  /** What was saved elsewhere and does not fit with what is here: its revision, and its document where that is known. */
  newer: { revision: number; document?: Project } | null;
  load: (id: string) => Promise<void>;
  /** Changes what is shown. In a format, at keys and in shared moves the core says what that comes to. */
  commit: (operations: Operation[], merge?: string, origin?: string) => void;
  /** Has the core say what becomes of an intent, and does it. */
  ask: (intent: Intent, merge?: string, origin?: string) => Promise<Outcome>;
  /** Shows a gesture that goes on: changes of what is shown, or an intent. */
  preview: (wished: Operation[] | Intent) => void;
  /** Ends the last undo step: what comes next is a step of its own. */
  seal: () => void;
  undo: () => void;
  redo: () => void;
  /** Takes back what a drawer did since a step, and nothing else, whatever was done meanwhile. */
  takeBack: (origin: string, after: number) => void;
  /** Is told the newest revision of a project. */
  heard: (project: string, revision: number) => void;
  /** Shows what was saved elsewhere; with `keep`, scenes that differ here are added to it as takes. */
  takeNewer: (keep: boolean) => Promise<void>;
}

const MERGE_MS = 1500;
const RETRY_MS = 1500;
/** So often a wish is asked anew, because the document went on while its answer came. */
const MOST_TIMES = 6;

let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;
let asking = false;
let batch: Batch | null = null;
let steps = 0;
/** The newest revision that was heard of. */
let newest = 0;

/** No gesture. */
const STILL = { live: [] as Operation[], gesture: null };

/** Typed words are nobody's format or key. */
const isTyping = (operations: Operation[]) => operations.every((operation) => operation.op === 'splice');

/** The number of the newest step that can be undone. */
export const lastStep = () => steps;

/** The reason of a failure, in words for people. */
export const reasonOf = (error: unknown): string =>
  error instanceof RequestError
    ? error.problem.detail
    : error instanceof Error
      ? error.message
      : String(error);

/** What the server is told of the document that is looked at: what is not saved, what is not answered, the gesture that goes on. */
export function draftNow(): { base: number; operations: Operation[]; wishes: Wish[] } {
  const { base, unsaved, live, gesture, pending } = useDocument.getState();
  return {
    base,
    operations: gesture ? unsaved : [...unsaved, ...live],
    wishes: [...pending.map((one) => one.wish), ...(gesture ? [gesture] : [])],
  };
}

/** The document as the shown format has it: what controls read their present values from. */
export function shownNow(): Project | null {
  const { scene, format } = useStage.getState();
  const { document, pending } = useDocument.getState();
  const shown = shownDocument(document, scene, format);
  return (
    shown &&
    withWished(
      shown,
      pending.flatMap((one) => one.operations),
    )
  );
}

/** The open document. Every change goes through here: it is shown, remembered for undo, and saved by itself. */
export const useDocument = create<DocumentState>((set, get) => {
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
        save: left.length ? 'saving' : 'saved',
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

  const change = (operations: Operation[]) => {
    const { document, unsaved } = get();
    if (!document) return [];
    const patched = applyPatch(document, operations);
    set({
      document: patched.document,
      unsaved: [...unsaved, ...operations],
      ...STILL,
      message: '',
      save: get().save === 'waiting' ? 'waiting' : 'saving',
    });
    remember();
    schedule(250);
    return patched.inverse;
  };

  /** Changes the document, to be undone as one step. */
  const enact = (operations: Operation[], merge?: string, origin?: string) => {
    if (get().save === 'refused') set({ save: 'saving', message: '' });
    const inverse = change(operations);
    const all = get().undoSteps;
    const last = all.at(-1);
    const now = Date.now();
    const merged = merge && last?.merge === merge && last.origin === origin && now - last.at < MERGE_MS;
    const step: UndoStep = merged
      ? {
          ...last,
          forward: [...last.forward, ...operations],
          inverse: [...inverse, ...last.inverse],
          at: now,
        }
      : { number: ++steps, forward: operations, inverse, merge, origin, at: now };
    set({ undoSteps: [...(merged ? all.slice(0, -1) : all), step], redoSteps: [] });
  };

  const forget = (one: Pending) => {
    set({ pending: get().pending.filter((other) => other !== one) });
    if (get().pending.length === 0 && get().unsaved.length === 0 && get().save === 'saving')
      set({ save: 'saved' });
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
          if (get().id !== id) return;
          if (get().pending[0] !== one) continue;
          if (get().document !== document && time < MOST_TIMES) continue;
          if (get().document !== document)
            throw new Error('The project changes too quickly to do this; try again in a moment.');
          if (outcome.operations.length > 0) enact(outcome.operations, one.merge, one.origin);
          forget(one);
          // What was keyed or could not be is said by the change itself.
          if (outcome.said) set({ message: outcome.said });
          one.answered(outcome);
        } catch (error) {
          if (get().id !== id) return;
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

  return {
    id: '',
    base: 0,
    saved: null,
    document: null,
    unsaved: [],
    ...STILL,
    pending: [],
    undoSteps: [],
    redoSteps: [],
    save: 'saved',
    message: '',
    newer: null,

    load: async (id) => {
      clearTimeout(timer);
      set({
        id,
        saved: null,
        document: null,
        unsaved: [],
        ...STILL,
        pending: [],
        undoSteps: [],
        redoSteps: [],
        save: 'saved',
        message: '',
        newer: null,
      });
      batch = null;
      newest = 0;
      const left = await leftBehind(id);
      const open: Omit<Kept, 'batch'>[] = [];
      for (const { kept, forget } of left) {
        const rest = await finishBatch(id, kept);
        forget();
        if (rest.unsaved.length > 0 || rest.wishes?.length) open.push(rest);
      }
      const { revision, document } = await fetched(id);
      set({ id, base: revision, saved: document, document });
      for (const rest of open) {
        const base = rest.base === revision ? document : await fetchedAt(id, rest.base);
        const now = get();
        const laid = base && now.document && laidOver(base, now.document, rest.unsaved);
        if (laid) {
          set({ document: laid, unsaved: [...now.unsaved, ...rest.unsaved], save: 'saving' });
          remember();
          continue;
        }
        const scene = document.scenes[0]!;
        const takes = await takesOf(id, revision, rest.base, rest.unsaved, scene.id, scene.formats[0]!.id);
        change(takes.operations);
        set({ message: 'Unsaved changes did not go together with newer ones; they are kept as a take.' });
      }
      if (get().unsaved.length) schedule(0);
      for (const one of open.flatMap((rest) => rest.wishes ?? []))
        wish({ ...one, answered: () => undefined, failed: (error) => set({ message: reasonOf(error) }) });
    },

    commit: (operations, merge, origin) => {
      if (operations.length === 0) return;
      const { document, pending } = get();
      if (document && (mustAsk(document, operations) || (pending.length > 0 && !isTyping(operations))))
        wish({
          wish: wishOf({ kind: 'setValues', operations }),
          operations,
          merge,
          origin,
          answered: () => undefined,
          failed: (error) => set({ message: reasonOf(error) }),
        });
      else enact(operations, merge, origin);
    },

    ask: (intent, merge, origin) =>
      new Promise((answered, failed) => {
        wish({ wish: wishOf(intent), operations: [], merge, origin, answered, failed });
      }),

    takeBack: (origin, after) => {
      const own = (step: UndoStep) => step.origin === origin && step.number > after;
      get()
        .pending.filter((one) => one.origin === origin)
        .forEach(forget);
      for (let last = get().undoSteps.at(-1); last && own(last); last = get().undoSteps.at(-1)) get().undo();
      const left = get().undoSteps.filter(own);
      if (left.length === 0) return;
      try {
        const inverse = left.reverse().flatMap((step) => step.inverse);
        const back = change(inverse);
        const step = { number: ++steps, forward: inverse, inverse: back, at: Date.now() };
        set({ undoSteps: [...get().undoSteps, step], redoSteps: [] });
      } catch {
        set({ message: 'What it was about has gone, so there is nothing to bring back.' });
      }
    },

    heard: (project, revision) => {
      const { id, base, unsaved, newer } = get();
      if (project !== id) return;
      newest = Math.max(newest, revision);
      // While something is on its way its own answer tells.
      if (newest > base && !sending && unsaved.length === 0 && !newer?.document)
        set({ newer: { revision: newest } });
    },

    takeNewer: async (keep) => {
      const { id, newer, base, unsaved } = get();
      if (!newer) return;
      const { scene, format } = useStage.getState();
      const { revision, document: theirs } = await fetched(id);
      const takes = keep ? await takesOf(id, revision, base, unsaved, scene, format) : { operations: [] };
      clearTimeout(timer);
      batch = null;
      set({
        base: revision,
        saved: theirs,
        document: theirs,
        unsaved: [],
        ...STILL,
        pending: [],
        undoSteps: [],
        redoSteps: [],
        save: 'saved',
        newer: null,
        message: 'This is the newer state.',
      });
      remember();
      if (takes.operations.length > 0) {
        get().commit(takes.operations);
        set({ message: 'Yours is kept beside it as a take.' });
      }
    },

    preview: (wished) => {
      const { document, live, gesture } = get();
      const operations = Array.isArray(wished) ? wished : [];
      const intent = Array.isArray(wished) ? ({ kind: 'setValues', operations } as const) : wished;
      const asks =
        !Array.isArray(wished) || (document && operations.length > 0 && mustAsk(document, operations));
      const next = { live: operations, gesture: asks ? wishOf(intent) : null };
      // The pointer moves more often than what it changes.
      if (JSON.stringify(next) !== JSON.stringify({ live, gesture })) set(next);
    },

    seal: () => {
      const last = get().undoSteps.at(-1);
      if (last?.merge) set({ undoSteps: [...get().undoSteps.slice(0, -1), { ...last, merge: undefined }] });
    },

    undo: () => {
      const wished = get().pending.at(-1);
      if (wished) return forget(wished);
      const step = get().undoSteps.at(-1);
      if (!step) return;
      if (get().save === 'refused') set({ save: 'saving', message: '' });
      change(step.inverse);
      set({ undoSteps: get().undoSteps.slice(0, -1), redoSteps: [...get().redoSteps, step] });
    },

    redo: () => {
      const step = get().redoSteps.at(-1);
      if (!step) return;
      change(step.forward);
      set({
        redoSteps: get().redoSteps.slice(0, -1),
        undoSteps: [...get().undoSteps, { ...step, merge: undefined }],
      });
    },
  };
});
