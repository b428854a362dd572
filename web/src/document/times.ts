import type { BlockView, Operation, Scene } from '../api/client';
import { numberOperations } from './edits';

type TimeHandle = BlockView['handles']['move'];

/** A time of the document in frames. */
export function frames(time: unknown): number {
  if (typeof time === 'number') return time;
  const [above, below] = String(time).split('/').map(Number);
  return (above ?? 0) / (below ?? 1);
}

/** Frames as a time of the document: whole, or to a thousandth. */
export function time(value: number): number | string {
  const rounded = Math.round(value * 1000);
  return rounded % 1000 === 0 ? rounded / 1000 : `${rounded}/1000`;
}

/** The frame in the middle of a scene, where its words stand if they do anywhere. */
export const middleOf = (scene: Pick<Scene, 'length'>) => Math.floor(scene.length / 2);

/** Drags a block in time to a number: numbers along the paths that the core gave, within its bounds. */
export const draggedTo = (handle: TimeHandle, number: number): Operation[] =>
  numberOperations(handle.edits, Math.max(handle.least, Math.min(handle.most, number)));

/** The blocks that move with one: those of its groups, unless they are opened. */
export function withGroup(scene: Scene, ids: string[], opened: string[]): string[] {
  const all = new Set(ids);
  for (const group of scene.groups ?? [])
    if (!opened.includes(group.id) && group.blocks.some((id) => all.has(id)))
      group.blocks.forEach((id) => all.add(id));
  return [...all].filter((id) => scene.blocks.some((block) => block.id === id));
}
