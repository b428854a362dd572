import type { Block, Operation, Scene } from '../api/client';
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

/** Pastes into the same phase of several blocks: whole moves, or only the pace or the changes of the moves in turn. */
export function pasting(
  scene: Scene,
  ids: string[],
  phase: PhaseName,
  copied: Copied,
  share: Share,
): Operation[] {
  return ids.flatMap((id): Operation[] => {
    const block = scene.blocks.find((one) => one.id === id);
    if (!block) return [];
    const at = `scenes/${scene.id}/blocks/${id}/${phase}`;
    const there = block[phase]?.moves ?? [];
    const usable = copied.moves.filter((move) => block.kind === 'text' || move.unit === 'whole');
    if (share === 'all') {
      // What some characters do otherwise belongs to the words it was made for.
      const added = copiesOf(usable, there).map((move) => ({ ...move, own: [] }));
      if (added.length === 0) return [];
      return there.length === 0
        ? [{ op: 'set', at, value: { moves: added } }]
        : added.map((value, i) => ({ op: 'insert', at: `${at}/moves`, index: there.length + i, value }));
    }
    return there.flatMap((move, i): Operation[] => {
      const from = copied.moves[Math.min(i, copied.moves.length - 1)]!;
      const own = `${at}/moves/${move.id}`;
      return share === 'pace'
        ? [
            { op: 'set', at: `${own}/pace`, value: from.pace },
            { op: 'set', at: `${own}/easing`, value: from.easing ?? 'linear' },
          ]
        : [
            { op: 'set', at: `${own}/channels`, value: from.channels ?? [] },
            { op: 'set', at: `${own}/pivot`, value: from.pivot },
          ];
    });
  });
}
