import type { Scene, ShapeBlock } from '../api/client';
import { newShape } from './newBlocks';

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
