import type { Block } from '../api/client';
import type { PhaseName } from './phases';

export type Move = NonNullable<Block['arrive']>['moves'][number];

/** Moves that were copied, and the phase that they are of. */
export interface Copied {
  phase: PhaseName;
  moves: Move[];
}
