import type { Block, Operation, Project, Scene, ShapeBlock } from '../api/client';
import { newShape } from './newBlocks';

type NestedFill = Extract<ShapeBlock['fill'], { kind: 'scene' }>;
type Change = NonNullable<NestedFill['changes']>[number];

/** The scene that a block shows, if it shows one. */
export const nestedOf = (block: Block): NestedFill | null =>
  block.kind === 'shape' && block.fill.kind === 'scene' ? block.fill : null;

/** Whether a scene may stand in another: it is not that one, and that one does not stand in it. */
export function mayStand(project: Project, inner: string, outer: string, seen = new Set<string>()): boolean {
  if (inner === outer) return false;
  if (seen.has(inner)) return true;
  seen.add(inner);
  const scene = project.scenes.find((one) => one.id === inner);
  return (scene?.blocks ?? []).every((block) => {
    const nested = nestedOf(block);
    return !nested || mayStand(project, nested.scene, outer, seen);
  });
}

const perSecond = ({ rate }: Scene) => rate.numerator / rate.denominator;

/** A block over the whole frame that shows a scene from the playhead on, as long as that scene is. */
export function newNested(scene: Scene, inner: Scene): ShapeBlock {
  const whole = { value: 100, unit: 'frame' as const };
  const block = newShape(scene, 'scene', 'Scene', {
    kind: 'rectangle',
    width: whole,
    height: whole,
    radius: 0,
  });
  const start = Number(block.span.start);
  const length = Math.max(1, Math.round((inner.length / perSecond(inner)) * perSecond(scene)));
  return {
    ...block,
    name: inner.name,
    span: { start, end: start + length },
    fill: { kind: 'scene', scene: inner.id, changes: [], mode: 'whole' },
  };
}

/** Other words or another colour of a block of a scene where it stands; null brings back its own. */
export function changed(
  fill: NestedFill,
  at: string,
  id: string,
  change: Partial<Omit<Change, 'id'>>,
): Operation[] {
  const all = fill.changes ?? [];
  const next = { ...(all.find((one) => one.id === id) ?? { id }), ...change };
  const rest = all.filter((one) => one.id !== id);
  const kept = next.text == null && next.colour == null ? rest : [...rest, next];
  return [{ op: 'set', at: `${at}/changes`, value: kept }];
}
