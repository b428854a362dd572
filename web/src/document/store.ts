import { create } from 'zustand';
import type { Operation, Project, Wish } from '../api/client';
import { answering } from './answering';
import { laidOver } from './conflicts';
import { STILL, type DocumentState, type UndoStep } from './documentState';
import { shownDocument } from './overrides';
import { applyPatch } from './patch';
import { reasonOf } from './reasons';
import { leftFor } from './reload';
import { fetched, fetchedAt, finishBatch, takesOf } from './revisions';
import { saving } from './saving';
import { useStage } from './stage';
import { leftBehind, type Kept } from './unsaved';
import { takeToo } from './together';
import { mustAsk, withWished, wishOf } from './wishes';

const MERGE_MS = 1500;

let steps = 0;

/** Typed words are nobody's format or key. */
const isTyping = (operations: Operation[]) => operations.every((operation) => operation.op === 'splice');

/** The number of the newest step that can be undone. */
export const lastStep = () => steps;

/** What the server is told of the document that is looked at: what is not saved, what is not answered, the gesture that goes on. */
export function draftNow(): {
  base: number;
  operations: Operation[];
  wishes: Wish[];
  row?: string;
  condition?: string;
} {
  const { base, unsaved, live, gesture, pending } = useDocument.getState();
  const { row, condition } = useStage.getState();
  return {
    ...(row ? { row } : {}),
    ...(condition ? { condition } : {}),
    base,
    operations: gesture ? unsaved : [...unsaved, ...live],
    wishes: [...pending.map((one) => one.wish), ...(gesture ? [gesture] : [])],
  };
}

/** The document as the shown format has it: what controls read their present values from. */
export function shownNow(): Project | null {
  const { scene, format, row, version } = useStage.getState();
  const { document, pending } = useDocument.getState();
  const told =
    document && version && version.row === row
      ? {
          ...document,
          scenes: document.scenes.map((one) => (one.id === version.scene.id ? version.scene : one)),
        }
      : document;
  const shown = shownDocument(told, scene, format);
  return (
    shown &&
    withWished(
      shown,
      pending.flatMap((one) => one.operations),
    )
  );
}

/** What conditions make of a scene is shown again when the server has told it of the document as it is by then. */
function toldAnew(): void {
  if (!useStage.getState().row) useStage.getState().set({ version: null });
}

/** The open document. Every change goes through here: it is shown, remembered for undo, and saved by itself. */
export const useDocument = create<DocumentState>((set, get) => {
  const access = { get, set };
  const keeper = saving(access);
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
    keeper.remember();
    keeper.schedule(250);
    return patched.inverse;
  };

  /**
   * Changes the document, to be undone as one step.
   *
   * @param merge what goes on within a moment is one step
   * @param follows whether it belongs to the step before, however long ago that was
   */
  const enact = (operations: Operation[], merge?: string, origin?: string, follows = false) => {
    if (get().save === 'refused') set({ save: 'saving', message: '' });
    const inverse = change(operations);
    const all = get().undoSteps;
    const last = all.at(-1);
    const now = Date.now();
    const goesOn = merge && last?.merge === merge && last.origin === origin;
    const merged = goesOn && (follows || now - last.at < MERGE_MS);
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

  /** Changes the document along with the last step: undone with it, and nothing that can be done again is lost. */
  const join = (operations: Operation[]) => {
    const inverse = change(operations);
    const last = get().undoSteps.at(-1);
    if (!last) return;
    const step = {
      ...last,
      forward: [...last.forward, ...operations],
      inverse: [...inverse, ...last.inverse],
    };
    set({ undoSteps: [...get().undoSteps.slice(0, -1), step] });
  };

  const { wish, forget } = answering(access, enact, keeper.remember);
  let together = 0;

  /** Has the blocks that are chosen beside another take what was done to it, as part of the same step. */
  const follow = (done: Operation[], blocks: string[], merge?: string, origin?: string) => {
    if (blocks.length === 0) return;
    wish({
      wish: wishOf({ kind: 'doTogether', done, blocks }),
      operations: [],
      merge,
      origin,
      answered: () => undefined,
      failed: (error) => set({ message: reasonOf(error) }),
    });
  };

  return {
    id: '',
    base: 0,
    saved: null,
    document: null,
    unsaved: [],
    ...STILL,
    pending: [],
    settling: false,
    undoSteps: [],
    redoSteps: [],
    save: 'saved',
    message: '',
    newer: null,

    load: async (id) => {
      keeper.reset();
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
      const left = await leftBehind(id);
      const open: Omit<Kept, 'batch'>[] = [];
      const before = leftFor(id);
      /** The revision that this window's document builds on, as long as nobody else's changes are in it. */
      let builtOn = before?.base;
      for (const { kept, own, forget } of left) {
        const rest = await finishBatch(id, kept);
        forget();
        builtOn = own && kept.base === builtOn ? rest.base : undefined;
        if (rest.unsaved.length > 0 || rest.wishes?.length) open.push(rest);
      }
      const { revision, document } = await fetched(id);
      set({ id, base: revision, saved: document, document });
      if (before && builtOn === revision) {
        const { undoSteps, redoSteps } = before;
        steps = Math.max(steps, ...[...undoSteps, ...redoSteps].map((step) => step.number));
        set({ undoSteps, redoSteps });
      }
      for (const rest of open) {
        const base = rest.base === revision ? document : await fetchedAt(id, rest.base);
        const now = get();
        const laid = base && now.document && laidOver(base, now.document, rest.unsaved);
        if (laid) {
          set({ document: laid, unsaved: [...now.unsaved, ...rest.unsaved], save: 'saving' });
          keeper.remember();
          continue;
        }
        const scene = document.scenes[0]!;
        const takes = await takesOf(id, revision, rest.base, rest.unsaved, scene.id, scene.formats[0]!.id);
        change(takes.operations);
        set({ message: 'Unsaved changes did not go together with newer ones; they are kept as a take.' });
      }
      if (get().unsaved.length) keeper.schedule(0);
      for (const one of open.flatMap((rest) => rest.wishes ?? []))
        wish({ ...one, answered: () => undefined, failed: (error) => set({ message: reasonOf(error) }) });
    },

    commit: (operations, merge, origin) => {
      if (operations.length === 0) return;
      const { document, pending } = get();
      const blocks = takeToo(operations);
      const name = blocks.length > 0 ? (merge ?? `together ${++together}`) : merge;
      if (document && (mustAsk(document, operations) || (pending.length > 0 && !isTyping(operations))))
        wish({
          wish: wishOf({ kind: 'setValues', operations }),
          operations,
          merge: name,
          origin,
          answered: (outcome) => follow(outcome.operations, blocks, name, origin),
          failed: (error) => set({ message: reasonOf(error) }),
        });
      else {
        enact(operations, name, origin);
        follow(operations, blocks, name, origin);
      }
    },

    join: (operations) => {
      const { live, gesture, pending, save } = get();
      // What is going on comes to another answer; what is refused waits for a person.
      const rests = live.length === 0 && !gesture && pending.length === 0 && save !== 'refused';
      if (rests && operations.length > 0) join(operations);
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
      if (project !== get().id) return;
      const elsewhere = keeper.heard(revision);
      if (elsewhere && !get().newer?.document) set({ newer: { revision: elsewhere } });
    },

    takeNewer: async (keep) => {
      const { id, newer, base, unsaved } = get();
      if (!newer) return;
      const { scene, format } = useStage.getState();
      const { revision, document: theirs } = await fetched(id);
      const takes = keep ? await takesOf(id, revision, base, unsaved, scene, format) : { operations: [] };
      keeper.reset();
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
      keeper.remember();
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
      toldAnew();
      change(step.inverse);
      set({ undoSteps: get().undoSteps.slice(0, -1), redoSteps: [...get().redoSteps, step] });
    },

    redo: () => {
      const step = get().redoSteps.at(-1);
      if (!step) return;
      toldAnew();
      change(step.forward);
      set({
        redoSteps: get().redoSteps.slice(0, -1),
        undoSteps: [...get().undoSteps, { ...step, merge: undefined }],
      });
    },
  };
});
