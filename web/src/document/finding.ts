import { valueAt } from './patch';

export interface Said {
  name: string;
  phase: string;
  path: string;
  text: string;
}

/** The sentences that hold the words, whatever their case. */
export function sentencesWith<S extends Said>(sentences: S[], words: string): S[] {
  const wanted = words.trim().toLowerCase();
  return wanted === '' ? [] : sentences.filter((one) => one.text.toLowerCase().includes(wanted));
}

/** The move at a path that ends in its id. */
export function moveAt(document: unknown, path: string): Record<string, unknown> | undefined {
  const cut = path.lastIndexOf('/');
  const list = valueAt(document, path.slice(0, cut)) as
    ({ id: string } & Record<string, unknown>)[] | undefined;
  return list?.find((one) => one.id === path.slice(cut + 1));
}
