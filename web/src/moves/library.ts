import type { Block, Operation, Scene } from '../api/client';
import { postJson } from '../api/client';
import type { PhaseName } from '../document/phases';
import { copiesOf } from '../document/moveEdits';

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

export const inPhase = (offers: Offer[], phase: PhaseName) =>
  offers.filter((offer) => offer.phase === phase.toUpperCase());

/** Offers that a block can use: a shape moves as a whole. */
export const usable = (offers: Offer[], block: Block) =>
  block.kind === 'text'
    ? offers
    : offers.filter((offer) => offer.moves.every((move) => move.unit === 'whole'));

/** Offers whose name, note or sentences hold all the words. */
export function found(offers: Offer[], search: string): Offer[] {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  return offers.filter((offer) => {
    const text = [offer.name, offer.note, ...offer.sentences].join(' ').toLowerCase();
    return words.every((word) => text.includes(word));
  });
}

/** Changes that give a phase these moves, in place of its own or after them. */
export function giveMoves(
  block: Block,
  path: string,
  phase: PhaseName,
  moves: Json[],
  add: boolean,
): Operation[] {
  const own = block[phase]?.moves ?? [];
  const at = `${path}/${phase}`;
  const named = copiesOf(moves as Parameters<typeof copiesOf>[0], add ? own : []);
  return add && own.length > 0
    ? named.map((value) => ({ op: 'insert' as const, at: `${at}/moves`, index: 1000, value }))
    : [{ op: 'set', at, value: { moves: named } }];
}

/** Frames that a card shows: a way in and its rest, a way out after some rest, a dwell long enough to be felt. */
export const cardLength = (phase: PhaseName) => (phase === 'dwell' ? 168 : 84);

/** The frame of a card that stands still, in the middle of its move. */
export const cardFrame = (phase: PhaseName) =>
  phase === 'arrive' ? 12 : phase === 'leave' ? cardLength(phase) - 12 : 58;

/** A draft in which the block alone is on, as large as a card, with these moves in the phase and none in the others. */
export function cardOperations(scene: Scene, block: Block, phase: PhaseName, moves: Json[]): Operation[] {
  const cut = { moves: [] };
  const shown = structuredClone(block) as Block & Json;
  const middle = { value: 50, unit: 'frame' };
  Object.assign(shown, {
    span: { start: 0, end: cardLength(phase) },
    place: {
      x: middle,
      y: middle,
      rotation: 0,
      pivot: { across: 'centre', down: 'middle', box: 'metric' },
    },
    opacity: 1,
    hidden: false,
    arrive: cut,
    leave: cut,
    dwell: cut,
    [phase]: { moves },
  });
  if (shown.kind === 'text') {
    const { path, column, columnHeight, pairs, ...rest } = shown.setting;
    void [path, column, columnHeight, pairs];
    shown.setting = {
      ...rest,
      fit: {
        kind: 'inside',
        width: { value: 72, unit: 'frame' },
        height: { value: 52, unit: 'frame' },
        least: 4,
      },
    };
  }
  const at = `scenes/${scene.id}`;
  return [
    {
      op: 'set',
      at: `${at}/formats`,
      value: [{ id: 'card', name: 'card', width: 960, height: 366, overrides: [] }],
    },
    { op: 'set', at: `${at}/length`, value: cardLength(phase) },
    { op: 'set', at: `${at}/blocks`, value: [shown] },
  ];
}

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
