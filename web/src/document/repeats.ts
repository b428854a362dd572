import type { Intent, Operation } from '../api/client';
import { keep } from './edit';
import { useDocument } from './store';

/** A step that comes later begins anew. */
const PAUSE_MS = 1000;

interface By {
  x: number;
  y: number;
}

/** Whether the last change is of this name: nothing else was done since, and it was not undone. */
function isLast(name: string): boolean {
  const { pending, undoSteps } = useDocument.getState();
  return (pending.at(-1) ?? undoSteps.at(-1))?.merge === name;
}

/**
 * Steps by keys that follow each other closely are one gesture, counted from what was held at its first: where things are is told
 * later than keys are pressed. Gives what takes one step.
 */
export function repeats() {
  let run: { name: string; held: unknown; by: By; at: number } | null = null;
  return <Held>(
    name: string,
    by: By,
    take: () => Held,
    change: (held: Held, by: By) => Operation[] | Intent,
  ): void => {
    const at = performance.now();
    const goesOn = run !== null && run.name === name && at - run.at < PAUSE_MS && isLast(name);
    run =
      goesOn && run
        ? { ...run, at, by: { x: run.by.x + by.x, y: run.by.y + by.y } }
        : { name, held: take(), by, at };
    const wished = change(run.held as Held, run.by);
    keep(wished, name);
    // An intent is worked out from the document as it is then; each is a step of its own.
    if (!Array.isArray(wished)) run = null;
  };
}
