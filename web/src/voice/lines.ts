import type { VoiceWord } from '../api/client';

/** A spoken line: words from one index to before another, and the seconds that its stave shows. */
export interface Line {
  first: number;
  last: number;
  from: number;
  to: number;
}

/** Seconds that a stave holds, and that are shown before and after what is said. */
export const STAVE = 4.4;
const AROUND = 0.25;
/** Seconds of silence at which a line ends wherever it is, and after the end of a sentence. */
const PAUSE = 0.6;
const BREATH = 0.12;
/** Seconds after which a line ends with its sentence though no breath is taken. */
const SOME = 1.2;

/** The words in lines as they are spoken: ended by pauses and sentences, none longer than a stave. */
export function linesOf(words: VoiceWord[]): Line[] {
  const lines: Line[] = [];
  let first = 0;
  for (let i = 1; i <= words.length; i++) {
    const word = words[i];
    const before = words[i - 1]!;
    const gap = word ? word.start - before.end : Infinity;
    const ends = /[.!?…]["”’)»]*$/.test(before.text);
    const long = word && word.end - words[first]!.start > STAVE - 2 * AROUND;
    if (gap >= PAUSE || (ends && (gap >= BREATH || before.end - words[first]!.start > SOME)) || long) {
      const from = Math.max(first > 0 ? words[first - 1]!.end : 0, words[first]!.start - AROUND);
      const to = Math.min(word ? Math.max(before.end, word.start) : Infinity, before.end + AROUND);
      lines.push({ first, last: i, from, to: Math.min(to, from + STAVE) });
      first = i;
    }
  }
  return lines;
}

/** The line in which a word stands. */
export const lineOf = (lines: Line[], word: number) =>
  lines.findIndex((line) => line.first <= word && word < line.last);

/** The edge that is nearest to a second, of those that are near enough. */
export function drawnTo(edges: number[], second: number, near: number): number {
  let best = second;
  let least = near;
  for (const edge of edges) {
    const away = Math.abs(edge - second);
    if (away < least) {
      least = away;
      best = edge;
    }
  }
  return best;
}
