import type { Block, Format, Operation, Scene } from '../api/client';
import { carried } from './way';

interface Length {
  value: number;
  unit: string;
}

const AWAY = { right: [1, 0], left: [-1, 0], above: [0, -1], under: [0, 1] } as const;

/**
 * Moves a block by px of the shown frame; a keyed place moves as a whole, a block that hangs on another comes nearer or
 * goes away. One that travels a path takes the whole path along; while keys are recorded its place is changed, of which the core
 * makes a point of its path. `fit` is px of the frame for one px of the base format, `grain` what places
 * are rounded to.
 */
export function moveBy(
  scene: Scene,
  id: string,
  dx: number,
  dy: number,
  format: Format,
  fit: number,
  grain = 1,
  recording = false,
): Operation[] {
  const block = scene.blocks.find((one) => one.id === id);
  if (!block || isPlate(block)) return [];
  const at = `scenes/${scene.id}/blocks/${id}/place`;
  const attach = block.place.attach;
  const way = block.place.way;
  if (!attach && way && !recording)
    return [{ op: 'set', at: `${at}/way`, value: carried(way, dx / fit, dy / fit) }];
  if (attach) {
    const [ax, ay] = AWAY[attach.side];
    const by = dx * ax + dy * ay;
    const gap = shift(attach.gap, by, fit, ax === 0 ? format.height : format.width, grain);
    return [{ op: 'set', at: `${at}/attach/gap`, value: gap }];
  }
  return [
    { op: 'set', at: `${at}/x`, value: shift(block.place.x, dx, fit, format.width, grain) },
    { op: 'set', at: `${at}/y`, value: shift(block.place.y, dy, fit, format.height, grain) },
  ];
}

/** A plate stands where its words stand. */
export const isPlate = (block: Block) => block.kind === 'shape' && block.shape.kind === 'plate';

function shift(value: unknown, by: number, fit: number, frame: number, grain: number): unknown {
  const length = value as Partial<Length> & { track?: { value: unknown }[] };
  if (length.track)
    return {
      track: length.track.map((key) => ({ ...key, value: shift(key.value, by, fit, frame, grain) })),
    };
  if (length.unit === 'px')
    return {
      ...length,
      value: Number((Math.round(((length.value ?? 0) + by / fit) / grain) * grain).toFixed(2)),
    };
  if (length.unit === 'frame')
    return {
      ...length,
      value: Number(((length.value ?? 0) + (by / frame) * 100).toFixed(grain < 1 ? 4 : 2)),
    };
  return value;
}
