import type { UndoStep } from './documentState';

/** What a reload comes back to: what was undoable, and where one was. Kept when the page goes, for this window alone. */
interface Left {
  project: string;
  /** The saved revision that the document built on. */
  base: number;
  undoSteps: UndoStep[];
  redoSteps: UndoStep[];
  /** What was looked at. */
  place: Record<string, unknown>;
}

const KEY = 'knollwind.reload';
/** More than a day's work, and less than a window may keep. */
const MOST_STEPS = 300;

let before: Left | null | undefined;

const isReload = () =>
  (performance.getEntriesByType('navigation')[0] as PerformanceNavigationTiming | undefined)?.type ===
  'reload';

/** What the page was left with, if it was reloaded; null for another project, and where the page came anew. */
export function leftFor(project: string): Left | null {
  if (before === undefined) {
    const text = isReload() ? sessionStorage.getItem(KEY) : null;
    before = text ? (JSON.parse(text) as Left) : null;
  }
  return before?.project === project ? before : null;
}

/** It is come back to once: who goes to another project and returns, begins at the beginning. */
export function arrived(): void {
  before = null;
}

/** Keeps it. Where a window's store is full, what is undoable is given up before the place is. */
export function leave(left: Left): void {
  const most = (steps: UndoStep[]) => steps.slice(-MOST_STEPS);
  for (const one of [
    { ...left, undoSteps: most(left.undoSteps), redoSteps: most(left.redoSteps) },
    { ...left, undoSteps: [], redoSteps: [] },
  ]) {
    try {
      sessionStorage.setItem(KEY, JSON.stringify(one));
      return;
    } catch {
      // It is tried with less.
    }
  }
}
