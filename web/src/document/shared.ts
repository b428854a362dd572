import type { Block, Operation, Project } from '../api/client';
import { PHASES } from './phases';

type Move = NonNullable<Block['arrive']>['moves'][number];

const IN_MOVE = /^(scenes\/[^/]+\/blocks\/[^/]+\/(arrive|dwell|leave)\/moves\/([^/]+))(\/.*)?$/;

interface Found {
  at: string;
  move: Move;
  phase: string;
}

function moves(project: Project): Found[] {
  return project.scenes.flatMap((scene) =>
    scene.blocks.flatMap((block) =>
      PHASES.flatMap((phase) =>
        (block[phase]?.moves ?? []).map((move) => ({
          at: `scenes/${scene.id}/blocks/${block.id}/${phase}/moves/${move.id}`,
          move,
          phase,
        })),
      ),
    ),
  );
}

/** The shared moves of a phase, one of each name. */
export function sharedMoves(project: Project, phase: string): Move[] {
  const byName = new Map<string, Move>();
  for (const found of moves(project))
    if (found.move.shared && found.phase === phase && !byName.has(found.move.shared))
      byName.set(found.move.shared, found.move);
  return [...byName.values()];
}

/** Changes of a shared move, made to all moves of its name in the same phase. What some characters do on their own stays. */
export function followed(project: Project | null, operations: Operation[]): Operation[] {
  if (!project || !operations.some((operation) => IN_MOVE.test(operation.at))) return operations;
  let all: Found[] | null = null;
  return operations.flatMap((operation) => {
    const [, at, phase, , rest = ''] = IN_MOVE.exec(operation.at) ?? [];
    if (!at || /^\/(shared|own|muted)(\/|$)/.test(rest)) return [operation];
    if (rest === '' && operation.op !== 'set') return [operation];
    all ??= moves(project);
    const move = all.find((found) => found.at === at)?.move;
    if (!move?.shared) return [operation];
    const others = all.filter(
      (found) => found.at !== at && found.phase === phase && found.move.shared === move.shared,
    );
    return [operation, ...others.map((other) => onto(operation, other, rest))];
  });
}

function onto(operation: Operation, other: Found, rest: string): Operation {
  const at = other.at + rest;
  if (operation.op === 'set' && rest === '') {
    const value = { ...(operation.value as Move), id: other.move.id, own: other.move.own ?? [] };
    return { op: 'set', at, value };
  }
  return { ...operation, at };
}
