import { create } from 'zustand';
import { api, postJson, RequestError, type Operation, type Project } from '../api/client';
import { again } from './again';
import { keyed, type Keyed } from './keying';
import { routed, shownDocument } from './overrides';
import { applyPatch } from './patch';
import { followed } from './shared';
import { laidOver } from './conflicts';
import { useStage } from './stage';
import { keepUnsaved, leftBehind, type Batch, type Kept } from './unsaved';

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
  /** The gesture that is going on. */
  live: Operation[];
  undoSteps: UndoStep[];
  redoSteps: UndoStep[];
  save: SaveState;
  message: string;
  /** What was saved elsewhere and does not fit with what is here: its revision, and its document where that is known. */
  newer: { revision: number; document?: Project } | null;
  load: (id: string) => Promise<void>;
  commit: (operations: Operation[], merge?: string, origin?: string) => void;
  preview: (operations: Operation[]) => void;
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
  /** Does to the chosen blocks what was last done to another one. */
  again: () => void;
}

const MERGE_MS = 1500;
const RETRY_MS = 1500;

let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;
let batch: Batch | null = null;
let steps = 0;
/** The newest revision that was heard of. */
let newest = 0;

/** The number of the newest step that can be undone. */
export const lastStep = () => steps;

/**
 * Values that carry keys are changed key by key. Changes of a shared move are made to all of its name. Where a format is
 * shown and changes are meant for it alone, they become its overrides.
 */
function meant(document: Project | null, wished: Operation[]): Keyed {
  const { scene: id, format, everywhere, page, frame, recording } = useStage.getState();
  const scene = document?.scenes.find((one) => one.id === id);
  const keys = keyed(shownDocument(document, id, format), wished, page?.blocks ?? [], frame, recording);
  const operations = followed(document, keys.operations);
  return { ...keys, operations: scene && !everywhere ? routed(scene, format, operations) : operations };
}

/** The document as the shown format has it: what controls read their present values from. */
export function shownNow(): Project | null {
  const { scene, format } = useStage.getState();
  return shownDocument(useDocument.getState().document, scene, format);
}

const sendBatch = (id: string, sent: Batch, operations: Operation[]) =>
  postJson<{ revision: number }>(`/api/projects/${id}/revisions`, {
    base: sent.base,
    change: sent.change,
    patch: { operations },
  });

const fetched = async (id: string): Promise<{ revision: number; document: Project }> => {
  const { data, error } = await api.GET('/api/projects/{id}', { params: { path: { id } } });
  if (!data)
    throw new Error((error as { detail?: string } | undefined)?.detail ?? 'The project cannot be loaded.');
  return { revision: data.revision, document: data.document as Project };
};

const fetchedAt = async (id: string, number: number): Promise<Project | null> => {
  const { data } = await api.GET('/api/projects/{id}/revisions/{number}', {
    params: { path: { id, number } },
  });
  return (data?.document as Project | undefined) ?? null;
};

/**
 * What a page that was closed or reloaded had not saved: first the changes that were on their way, under their old name. Gives
 * what is left to be saved, and the revision it builds on.
 */
async function finishBatch(id: string, kept: Kept): Promise<{ base: number; unsaved: Operation[] }> {
  if (!kept.batch) return kept;
  try {
    const { revision } = await sendBatch(id, kept.batch, kept.unsaved.slice(0, kept.batch.count));
    return { base: revision, unsaved: kept.unsaved.slice(kept.batch.count) };
  } catch (error) {
    // Refused as too old: it was never saved, and is laid on the newest document like any other change.
    if (error instanceof RequestError && error.problem.status >= 400 && error.problem.status < 500)
      return kept;
    throw error;
  }
}

/** Adds what differs in another state as takes to the newest one. */
const takesOf = (
  id: string,
  revision: number,
  base: number,
  unsaved: Operation[],
  scene: string,
  format: string,
) =>
  postJson<{ operations: Operation[] }>(`/api/projects/${id}/edit`, {
    draft: { base: revision, patch: { operations: [] }, scene, format },
    intent: { kind: 'keepAsTakes', base, patch: { operations: unsaved } },
  });

/** The open document. Every change goes through here: it is shown, remembered for undo, and saved by itself. */
export const useDocument = create<DocumentState>((set, get) => {
  const remember = () => {
    const { id, base, unsaved } = get();
    keepUnsaved(id, { base, unsaved, batch });
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
      live: [],
      message: '',
      save: get().save === 'waiting' ? 'waiting' : 'saving',
    });
    remember();
    schedule(250);
    return patched.inverse;
  };

  return {
    id: '',
    base: 0,
    saved: null,
    document: null,
    unsaved: [],
    live: [],
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
        live: [],
        undoSteps: [],
        redoSteps: [],
        save: 'saved',
        message: '',
        newer: null,
      });
      batch = null;
      newest = 0;
      const left = await leftBehind(id);
      const open: { base: number; unsaved: Operation[] }[] = [];
      for (const { kept, forget } of left) {
        const rest = await finishBatch(id, kept);
        forget();
        if (rest.unsaved.length > 0) open.push(rest);
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
    },

    commit: (wished, merge, origin) => {
      const { operations, said } = meant(get().document, wished);
      if (operations.length === 0) return;
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
      set({
        undoSteps: [...(merged ? all.slice(0, -1) : all), step],
        redoSteps: [],
        ...(said ? { message: said } : {}),
      });
    },

    takeBack: (origin, after) => {
      const own = (step: UndoStep) => step.origin === origin && step.number > after;
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
        live: [],
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
      const live = meant(get().document, wished).operations;
      // The pointer moves more often than what it changes.
      if (JSON.stringify(live) !== JSON.stringify(get().live)) set({ live });
    },

    seal: () => {
      const last = get().undoSteps.at(-1);
      if (last?.merge) set({ undoSteps: [...get().undoSteps.slice(0, -1), { ...last, merge: undefined }] });
    },

    undo: () => {
      const step = get().undoSteps.at(-1);
      if (!step) return;
      if (get().save === 'refused') set({ save: 'saving', message: '' });
      change(step.inverse);
      set({ undoSteps: get().undoSteps.slice(0, -1), redoSteps: [...get().redoSteps, step] });
    },

    again: () => {
      const { document, undoSteps, commit } = get();
      const { block, others } = useStage.getState();
      const last = undoSteps.at(-1);
      if (!document || !last || !block) return;
      const operations = again(document, last.forward, [block, ...others]);
      if (operations.length === 0) set({ message: 'There is nothing to do again here.' });
      else commit(operations);
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
