import type { Project } from '../api/client';
import type { Move } from './copied';
import type { PhaseName } from './phases';

/** The shared moves of a phase, one of each name. */
export function sharedMoves(project: Project, phase: PhaseName): Move[] {
  const byName = new Map<string, Move>();
  for (const scene of project.scenes)
    for (const block of scene.blocks)
      for (const move of block[phase]?.moves ?? [])
        if (move.shared && !byName.has(move.shared)) byName.set(move.shared, move);
  return [...byName.values()];
}
