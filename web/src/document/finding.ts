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
