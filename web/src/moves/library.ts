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

/**
 * How things that people keep go to a file and back.
 *
 * @property things as they are called, in a file and at the server
 * @property mark by which a file of them is known; its value is the version
 * @property to where one is posted that is taken in
 */
export interface Filing {
  things: string;
  mark: string;
  to: string;
}

export const MOVES: Filing = { things: 'moves', mark: 'knollwindMoves', to: '/api/moves' };
export const STYLES: Filing = { things: 'styles', mark: 'knollwindStyles', to: '/api/styles/read' };

/** Kept things as a file. */
export const filed = ({ things, mark }: Filing, own: unknown[]) =>
  JSON.stringify({ [mark]: 1, [things]: own }, null, 1);

/**
 * Takes the things of a file in; what cannot be read is thrown with its reason. Gives how many of them were not there yet.
 *
 * @param there ids of those that are
 */
export async function taken({ things, mark, to }: Filing, text: string, there: string[]): Promise<number> {
  let file: Record<string, unknown>;
  try {
    file = JSON.parse(text) as Record<string, unknown>;
  } catch {
    throw new Error(`This is no file of ${things}; it is not JSON.`);
  }
  const all = file?.[things];
  if (typeof file?.[mark] !== 'number' || !Array.isArray(all))
    throw new Error(`This is no file of ${things}. Choose one that was exported from here.`);
  if (file[mark] > 1)
    throw new Error('This file was written by a newer version. Bring this one up to date first.');
  const read = new Set<string>();
  for (const one of all) read.add((await postJson<{ id: string }>(to, one)).id);
  return [...read].filter((id) => !there.includes(id)).length;
}
