import { create } from 'zustand';
import { api, postJson, RequestError, type Operation, type Project } from '../api/client';
import { again } from './again';
import { keyed, type Keyed } from './keying';
import { routed, shownDocument } from './overrides';
import { applyPatch } from './patch';
import { followed } from './shared';
import { keptAsTakes } from './takes';
import { useStage } from './stage';

/** Changes on their way to the server, under a name by which it knows them again if its answer was lost. */
interface Batch {
  change: string;
  base: number;
  count: number;
}

interface Kept {
  unsaved: Operation[];
  batch: Batch | null;
}

interface UndoStep {
  forward: Operation[];
  inverse: Operation[];
  merge?: string;
  at: number;
}

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused';

interface DocumentState {
  id: string;
  /** The saved revision that `unsaved` builds on. */
  base: number;
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
  commit: (operations: Operation[], merge?: string) => void;
  preview: (operations: Operation[]) => void;
  /** Ends the last undo step: what comes next is a step of its own. */
  seal: () => void;
  undo: () => void;
  redo: () => void;
  /** Asks whether another window saved. */
  lookForNewer: () => Promise<void>;
  /** Shows what was saved elsewhere; with `keep`, scenes that differ here are added to it as takes. */
  takeNewer: (keep: boolean) => Promise<void>;
  /** Does to the chosen blocks what was last done to another one. */
  again: () => void;
}

const MERGE_MS = 1500;
const RETRY_MS = 1500;
const keyOf = (id: string) => `knollwind.unsaved.${id}`;

let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;
let batch: Batch | null = null;

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

/** What a page that was closed or reloaded had not saved: first the changes that were on their way, under their old name. */
async function finishBatch(id: string): Promise<Operation[]> {
  const text = localStorage.getItem(keyOf(id));
  if (!text) return [];
  const kept = JSON.parse(text) as Kept;
  if (!kept.batch) return kept.unsaved;
  try {
    await sendBatch(id, kept.batch, kept.unsaved.slice(0, kept.batch.count));
    return kept.unsaved.slice(kept.batch.count);
  } catch (error) {
    // Refused as too old: it was never saved, and is laid on the newest document like any other change.
    if (error instanceof RequestError && error.problem.status >= 400 && error.problem.status < 500)
      return kept.unsaved;
    throw error;
  }
}

/** The open document. Every change goes through here: it is shown, remembered for undo, and saved by itself. */
export const useDocument = create<DocumentState>((set, get) => {
  const remember = () => {
    const { id, unsaved } = get();
    const kept: Kept = { unsaved, batch };
    if (unsaved.length > 0) localStorage.setItem(keyOf(id), JSON.stringify(kept));
    else localStorage.removeItem(keyOf(id));
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
      const left = get().unsaved.slice(sent.count);
      set({ base: result.revision, unsaved: left, save: left.length ? 'saving' : 'saved' });
      remember();
      if (left.length) schedule(0);
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

  /** Someone else saved first: our changes are laid on top of theirs if they still fit. */
  const rebase = (revision: number, theirs: Project) => {
    try {
      const { document } = applyPatch(theirs, get().unsaved);
      set({
        base: revision,
        document,
        undoSteps: [],
        redoSteps: [],
        newer: null,
        message: 'Changed elsewhere; both changes are kept.',
      });
      schedule(0);
    } catch {
      set({
        save: 'refused',
        newer: { revision, document: theirs },
        message: 'Changed in another window, and your last change no longer fits.',
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
      const kept = await finishBatch(id);
      const { data, error } = await api.GET('/api/projects/{id}', { params: { path: { id } } });
      if (!data)
        throw new Error(
          (error as { detail?: string } | undefined)?.detail ?? 'The project cannot be loaded.',
        );
      let document = data.document as Project;
      let unsaved = kept;
      try {
        document = applyPatch(document, unsaved).document;
      } catch {
        unsaved = [];
      }
      set({ id, base: data.revision, document, unsaved, save: unsaved.length ? 'saving' : 'saved' });
      if (unsaved.length) schedule(0);
    },

    commit: (wished, merge) => {
      const { operations, said } = meant(get().document, wished);
      if (operations.length === 0) return;
      if (get().save === 'refused') set({ save: 'saving', message: '' });
      const inverse = change(operations);
      const steps = get().undoSteps;
      const last = steps.at(-1);
      const now = Date.now();
      const step: UndoStep =
        merge && last?.merge === merge && now - last.at < MERGE_MS
          ? {
              forward: [...last.forward, ...operations],
              inverse: [...inverse, ...last.inverse],
              merge,
              at: now,
            }
          : { forward: operations, inverse, merge, at: now };
      set({
        undoSteps: [...(step.forward === operations ? steps : steps.slice(0, -1)), step],
        redoSteps: [],
        ...(said ? { message: said } : {}),
      });
    },

    lookForNewer: async () => {
      const { id, unsaved, newer } = get();
      if (!id || sending || unsaved.length > 0 || newer?.document) return;
      const { data } = await api.GET('/api/projects/{id}/revision', { params: { path: { id } } });
      const now = get();
      if (data && now.id === id && !sending && now.unsaved.length === 0 && data.revision > now.base)
        set({ newer: { revision: data.revision } });
    },

    takeNewer: async (keep) => {
      const { id, newer, document: mine } = get();
      if (!newer || !mine) return;
      let { revision, document: theirs } = newer;
      if (!theirs) {
        const { data } = await api.GET('/api/projects/{id}', { params: { path: { id } } });
        if (!data) return;
        revision = data.revision;
        theirs = data.document as Project;
      }
      clearTimeout(timer);
      batch = null;
      set({
        base: revision,
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
      const takes = keep ? keptAsTakes(theirs, mine) : [];
      if (takes.length > 0) {
        get().commit(takes);
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
