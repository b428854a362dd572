import type { Intent, Operation, Project, Wish } from '../api/client';
import type { Outcome, Pending } from './wishes';

export interface UndoStep {
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

export interface DocumentState {
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
  /** Whether what was answered is in the document already, and still among what is pending: nothing may be asked then. */
  settling: boolean;
  undoSteps: UndoStep[];
  redoSteps: UndoStep[];
  save: SaveState;
  message: string;
  /** What was saved elsewhere and does not fit with what is here: its revision, and its document where that is known. */
  newer: { revision: number; document?: Project } | null;
  load: (id: string) => Promise<void>;
  /** Changes what is shown. In a format, at keys and in shared moves the core says what that comes to. */
  commit: (operations: Operation[], merge?: string, origin?: string) => void;
  /** What follows from the change before, along with its step. */
  join: (operations: Operation[]) => void;
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

/** How the parts of the store read it and write to it. */
export interface Access {
  get: () => DocumentState;
  set: (change: Partial<DocumentState>) => void;
}

/** No gesture. */
export const STILL = { live: [] as Operation[], gesture: null };

/** What is asked of a server that was away again after so long. */
export const RETRY_MS = 1500;
