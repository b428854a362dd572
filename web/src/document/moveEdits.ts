import type { Intent, Operation } from '../api/client';
import type { Copied, Move } from './copied';
import type { PhaseName } from './phases';
import { useStage } from './stage';

/** What of copied moves is pasted. */
export type Share = Extract<Intent, { kind: 'pasteMoves' }>['share'];

/** Mutes moves or lets them act. */
export const muting = (list: string, moves: Move[], muted: boolean): Operation[] =>
  moves.map((move) => ({ op: 'set', at: `${list}/${move.id}/muted`, value: muted }));

/** Lets one move act and mutes all others. */
export const soloing = (list: string, moves: Move[], id: string): Operation[] =>
  moves.flatMap((move) => muting(list, [move], move.id !== id));

/**
 * Gives moves to the same phase of blocks.
 *
 * @param path of one of the blocks
 */
export const pasting = (
  path: string,
  blocks: string[],
  phase: PhaseName,
  moves: unknown[],
  share: Share,
): Intent => ({
  kind: 'pasteMoves',
  scene: path.split('/')[1]!,
  format: useStage.getState().format,
  blocks,
  phase,
  moves: moves as Move[],
  share,
});

/** Whether copied moves can be pasted into a phase: a dwell goes there and back, the others do not. */
export const fits = (copied: Copied | null, phase: PhaseName): copied is Copied =>
  copied !== null && (copied.phase === 'dwell') === (phase === 'dwell');
