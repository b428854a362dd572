import type { Block } from '../api/client';
import { postJson } from '../api/client';
import type { PhaseName } from '../document/phases';

export type Json = Record<string, unknown>;

/** Moves to choose from, for one phase. */
export interface Offer {
  id: string;
  name: string;
  note: string;
  feel: string;
  phase: 'ARRIVE' | 'DWELL' | 'LEAVE';
  sentences: string[];
  moves: Json[];
}

export const FEELS = ['quiet', 'crisp', 'playful', 'heavy', 'technical', 'hand-made'];

/** A feel or a phase as it begins a line. */
export const named = (one: string) => one.charAt(0).toUpperCase() + one.slice(1);

export const inPhase = (offers: Offer[], phase: PhaseName) =>
  offers.filter((offer) => offer.phase === phase.toUpperCase());

/** Offers that a block can use: a shape moves as a whole. */
export const usable = (offers: Offer[], block: Block) =>
  block.kind === 'text'
    ? offers
    : offers.filter((offer) => offer.moves.every((move) => move.unit === 'whole'));

/** Offers whose name, note or sentences hold all the words. */
export const found = (offers: Offer[], search: string): Offer[] =>
  offers.filter((offer) => says([offer.name, offer.note, ...offer.sentences], search));

/** Whether texts together hold all the words that are searched for. */
export function says(texts: string[], search: string): boolean {
  const all = texts.join(' ').toLowerCase();
  return search
    .toLowerCase()
    .split(/\s+/)
    .every((word) => all.includes(word));
}

/** Frames that a card shows: a way in and its rest, a way out after some rest, a dwell long enough to be felt. */
export const cardLength = (phase: PhaseName) => (phase === 'dwell' ? 168 : 84);

/** The frame of a card that stands still, in the middle of its move. */
export const cardFrame = (phase: PhaseName) =>
  phase === 'arrive' ? 12 : phase === 'leave' ? cardLength(phase) - 12 : 58;

/** Saved moves as a file, and back. */
export const toFile = (offers: Offer[]) =>
  JSON.stringify(
    {
      knollwindMoves: 1,
      moves: offers.map(({ name, note, phase, moves }) => ({ name, note, phase, moves })),
    },
    null,
    1,
  );

/**
 * Takes the moves of a file in; what cannot be read is thrown with its reason. Gives how many of them were not there yet.
 *
 * @param there ids of those that are
 */
export async function importMoves(text: string, there: string[]): Promise<number> {
  let file: { knollwindMoves?: number; moves?: Json[] };
  try {
    file = JSON.parse(text) as typeof file;
  } catch {
    throw new Error('This is no file of moves; it is not JSON.');
  }
  if (file.knollwindMoves === undefined || !Array.isArray(file.moves))
    throw new Error('This is no file of moves. Choose one that was exported from here.');
  if (file.knollwindMoves > 1)
    throw new Error('This file was written by a newer version. Bring this one up to date first.');
  const taken = new Set<string>();
  for (const move of file.moves) taken.add((await postJson<{ id: string }>('/api/moves', move)).id);
  return [...taken].filter((id) => !there.includes(id)).length;
}
