import type { Heard } from '../api/client';

/** Sample frames a second, and in each of the pieces that a recording is kept in; as the server keeps them. */
export const RATE = 48_000;
export const CHUNK = 5 * RATE;

/** A stretch of one chunk of a recording, all in sample frames. */
export interface Piece {
  sha256: string;
  chunk: number;
  /** When it is heard, on the time line of what is played. */
  at: number;
  /** Where it begins in the chunk. */
  offset: number;
  count: number;
  gain: number;
  /** How loud it is in time, in sample frames since the piece's first; only where that changes. */
  gains?: { at: number; gain: number }[];
}

/** What is played: a stretch of the scene's seconds, once or again and again. */
export interface Stretch {
  first: number;
  length: number;
  loop: boolean;
}

const sample = (seconds: number) => Math.round(seconds * RATE);

/** How loud a sound is over some of its sample frames: at their first, wherever that bends, and at their last. */
function gainsOf(heard: Heard, from: number, count: number): { at: number; gain: number }[] {
  const { gains, gain } = heard;
  if (gains.length === 0) return [];
  const to = from + count;
  const bends = gains.map((one) => sample(one.second)).filter((at) => at > from && at < to);
  return [from, ...bends, to].map((at) => ({ at: at - from, gain: gain * factorAt(gains, at / RATE) }));
}

function factorAt(gains: Heard['gains'], second: number): number {
  const next = gains.findIndex((one) => one.second > second);
  if (next <= 0) return gains.at(next === 0 ? 0 : -1)!.factor;
  const [one, other] = [gains[next - 1]!, gains[next]!];
  return one.factor + ((second - one.second) / (other.second - one.second)) * (other.factor - one.factor);
}

/** The pieces that are heard in [from, to), sample frames of the scene or film, seam on seam. */
export function piecesOf(heard: Heard[], from: number, to: number): Piece[] {
  return heard.flatMap((one) => {
    const begin = sample(one.at);
    const source = sample(one.from) - begin;
    const last = Math.min(to, begin + sample(one.seconds));
    const pieces: Piece[] = [];
    for (let at = Math.max(from, begin); at < last;) {
      const chunk = Math.floor((at + source) / CHUNK);
      const offset = at + source - chunk * CHUNK;
      const count = Math.min(last - at, CHUNK - offset);
      const gains = gainsOf(one, at - begin, count);
      pieces.push({
        sha256: one.sha256,
        chunk,
        at,
        offset,
        count,
        gain: one.gain,
        ...(gains.length > 0 ? { gains } : {}),
      });
      at += count;
    }
    return pieces;
  });
}

/**
 * The pieces that are heard in [from, to) of a playing that began at the stretch's start and goes on, sample frames; in a
 * loop the stretch begins anew whenever it is over.
 */
export function played(heard: Heard[], stretch: Stretch, from: number, to: number): Piece[] {
  const first = sample(stretch.first);
  const length = Math.max(1, sample(stretch.length));
  const pieces: Piece[] = [];
  for (let at = Math.max(0, from); at < to;) {
    const round = Math.floor(at / length);
    if (round > 0 && !stretch.loop) break;
    const end = Math.min(to, (round + 1) * length);
    const shift = round * length - first;
    pieces.push(
      ...piecesOf(heard, at - shift, end - shift).map((piece) => ({ ...piece, at: piece.at + shift })),
    );
    at = end;
  }
  return pieces;
}
