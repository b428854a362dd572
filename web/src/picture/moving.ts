import type { Block, Operation, Scene } from '../api/client';
import { carried } from './way';

interface Length {
  value: number;
  unit: string;
}

/** How the base frame lies in the frame that is shown: px of that for one of the base, its corner there, and that frame's size in px of the base. */
export interface Fit {
  scale: number;
  left: number;
  top: number;
  width: number;
  height: number;
}

/** The frame as a length across or down sees it, in px of the base frame: its size, and where its edge lies. */
interface Side {
  size: number;
  edge: number;
}

const AWAY = { right: [1, 0], left: [-1, 0], above: [0, -1], under: [0, 1] } as const;

/**
 * Moves a block by px of the shown frame; a keyed place moves as a whole, a block that hangs on another comes nearer or
 * goes away. One that travels a path takes the whole path along; while keys are recorded its place is changed, of which the core
 * makes a point of its path. `grain` is what places are rounded to. A place in hundredths of the frame that is no whole number of
 * them after an exact move is told in px from then on.
 */
export function moveBy(
  scene: Scene,
  id: string,
  dx: number,
  dy: number,
  fit: Fit,
  grain = 1,
  recording = false,
): Operation[] {
  const block = scene.blocks.find((one) => one.id === id);
  if (!block || isPlate(block)) return [];
  const at = `scenes/${scene.id}/blocks/${id}/place`;
  const attach = block.place.attach;
  const way = block.place.way;
  const [right, down] = [dx / fit.scale, dy / fit.scale];
  if (!attach && way && !recording) return [{ op: 'set', at: `${at}/way`, value: carried(way, right, down) }];
  if (attach) {
    const [ax, ay] = AWAY[attach.side];
    const side = { size: ax === 0 ? fit.height : fit.width, edge: 0 };
    return [
      { op: 'set', at: `${at}/attach/gap`, value: shift(attach.gap, right * ax + down * ay, side, grain) },
    ];
  }
  const across = { size: fit.width, edge: fit.left / fit.scale };
  const high = { size: fit.height, edge: fit.top / fit.scale };
  return [
    { op: 'set', at: `${at}/x`, value: shift(block.place.x, right, across, grain) },
    { op: 'set', at: `${at}/y`, value: shift(block.place.y, down, high, grain) },
  ];
}

/** A plate stands where its words stand. */
export const isPlate = (block: Block) => block.kind === 'shape' && block.shape.kind === 'plate';

/** A length, or all keys of one, moved by px of the base frame. */
function shift(value: unknown, by: number, side: Side, grain: number): unknown {
  const length = value as Partial<Length> & { track?: { value: unknown }[] };
  if (by === 0) return value;
  if (length.track) {
    const keys = length.track.map((key) => ({ ...key, value: shift(key.value, by, side, grain) }));
    // Keys of one track need one unit.
    const whole = keys.every((key) => (key.value as Length).unit === (keys[0]!.value as Length).unit);
    return {
      track: whole ? keys : keys.map((key) => ({ ...key, value: inPx(key.value as Length, side, 0.1) })),
    };
  }
  const now = length as Length;
  if (now.unit === 'px') return { ...now, value: rounded(now.value + by, grain) };
  if (now.unit !== 'frame') return value;
  const moved = now.value + (by / side.size) * 100;
  if (grain === 1) return { ...now, value: rounded(moved, 0.01) };
  const near = Math.round(moved);
  return Math.abs(moved - near) < 1e-4
    ? { ...now, value: near }
    : inPx({ value: moved, unit: 'frame' }, side, Math.min(grain, 0.1));
}

const inPx = (length: Length, side: Side, grain: number): Length =>
  length.unit === 'px'
    ? length
    : { value: rounded((length.value / 100) * side.size - side.edge, grain), unit: 'px' };

const rounded = (value: number, grain: number) => Number((Math.round(value / grain) * grain).toFixed(2));
