import type { Format, Operation, Scene, ShapeBlock } from '../api/client';
import { appended } from './ids';
import { newShape } from './newBlocks';
import { fillingId } from './overrides';

type Filling = Format['overrides'][number];

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

/** A value of a block that is other where its scene stands, filled in; null brings back its own. */
export function filled(
  changes: Filling[] | undefined,
  at: string,
  block: string,
  path: string[],
  value: unknown,
): Operation[] {
  const list = `${at}/changes`;
  const there = changes?.find((one) => one.block === block && one.path.join('/') === path.join('/'));
  if (there)
    return value === null
      ? [{ op: 'remove', at: `${list}/${there.id}` }]
      : [{ op: 'set', at: `${list}/${there.id}/value`, value }];
  return value === null ? [] : [appended(list, changes, { id: fillingId(block, path), block, path, value })];
}
