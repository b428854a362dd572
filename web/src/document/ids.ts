import type { Operation } from '../api/client';

/** The stem with the first number that makes an id, or a name, that is not taken yet. */
export function free(stem: string, taken: Iterable<string>, first = 1): string {
  const all = new Set(taken);
  let number = first;
  while (all.has(`${stem}${number}`)) number++;
  return `${stem}${number}`;
}

export const idsOf = (list: { id: string }[] | null | undefined): string[] =>
  (list ?? []).map((one) => one.id);

/** An element at the end of a list that may not be there yet. */
export const appended = (at: string, list: unknown[] | null | undefined, value: unknown): Operation =>
  list ? { op: 'insert', at, index: list.length, value } : { op: 'set', at, value: [value] };
