import type { Block, Operation } from '../api/client';
import type { PhaseName } from './phases';
import { free } from './ids';

export type Move = NonNullable<Block['arrive']>['moves'][number];

/** What of copied moves is pasted. */
export type Share = 'all' | 'pace' | 'channels';

export interface Copied {
  phase: PhaseName;
  moves: Move[];
}

/** Mutes moves or lets them act. */
export const muting = (list: string, moves: Move[], muted: boolean): Operation[] =>
  moves.map((move) => ({ op: 'set', at: `${list}/${move.id}/muted`, value: muted }));

/** Lets one move act and mutes all others. */
export const soloing = (list: string, moves: Move[], index: number): Operation[] =>
  moves.flatMap((move, i) => muting(list, [move], i !== index));

/** Copies under ids that are free beside the moves that are there. */
export function copiesOf(moves: Move[], there: Move[]): Move[] {
  const taken = new Set(there.map((move) => move.id));
  return moves.map((move) => {
    const id = free('m', taken);
    taken.add(id);
    return { ...structuredClone(move), id };
  });
}

/** Whether copied moves can be pasted into a phase: a dwell goes there and back, the others do not. */
export const fits = (copied: Copied | null, phase: PhaseName): copied is Copied =>
  copied !== null && (copied.phase === 'dwell') === (phase === 'dwell');
