import type { TextBlock } from '../api/client';
import { free } from './ids';

export type Run = NonNullable<TextBlock['runs']>[number];

/** A new run is seen at once: it is set in the lamp's colour until something else is chosen. */
const FRESH = '#f0b64a';

/**
 * The runs with a new one over [from, to). Those that it meets make room; one that it lies in goes on after it. Where it
 * meets just one run it keeps that run's style, so that part of a styled word can be styled further.
 */
export function withRun(runs: Run[], from: number, to: number): Run[] {
  const ids = new Set(runs.map((run) => run.id));
  const fresh = () => {
    const id = free('r', ids);
    ids.add(id);
    return id;
  };
  const met = runs.filter((run) => run.from < to && run.to > from);
  const around = met.length === 1 && met[0]!.from <= from && met[0]!.to >= to ? met[0]! : null;
  const kept = runs.flatMap((run) => {
    if (run.from >= to || run.to <= from) return [run];
    const pieces: Run[] = [];
    if (run.from < from) pieces.push({ ...run, to: from });
    if (run.to > to) pieces.push({ ...run, from: to, id: run.from < from ? fresh() : run.id });
    return pieces;
  });
  const added: Run = { ...(around ?? { colour: FRESH }), id: fresh(), from, to };
  return [...kept, added].sort((a, b) => a.from - b.from);
}
