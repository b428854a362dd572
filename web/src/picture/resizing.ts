import type { Block, Operation } from '../api/client';

interface Point {
  x: number;
  y: number;
}

/** Which handle of a block's box: -1, 0 or 1 across and down, from its middle. */
export interface Handle {
  across: -1 | 0 | 1;
  down: -1 | 0 | 1;
}

const LEAST = 1;

/** The handles that a block can be resized by. */
export function handlesOf(block: Block): Handle[] {
  const corners: Handle[] = [
    { across: -1, down: -1 },
    { across: 1, down: -1 },
    { across: 1, down: 1 },
    { across: -1, down: 1 },
  ];
  const sides: Handle[] = [
    { across: -1, down: 0 },
    { across: 1, down: 0 },
  ];
  if (block.kind === 'text') return [...sides, ...corners];
  switch (block.shape.kind) {
    case 'rectangle':
    case 'ellipse':
      return [...sides, ...corners];
    case 'line':
      return sides;
    default:
      return [];
  }
}

/**
 * What dragging a handle does. Points are in px of the base format, turned back so that the block's box lies straight;
 * `held` is the point that stays.
 */
export function resized(
  block: Block,
  path: string,
  handle: Handle,
  held: Point,
  from: Point,
  to: Point,
): Operation[] {
  const ratio = (a: number, b: number, now: number) =>
    Math.abs(a - b) < LEAST ? 1 : Math.abs(now - b) / Math.abs(a - b);
  const across = ratio(from.x, held.x, to.x);
  const down = ratio(from.y, held.y, to.y);
  if (block.kind === 'shape') return shape(block, path, handle, across, down);
  const { setting } = block;
  const at = `${path}/setting`;
  if (handle.down !== 0 && !(setting.fit && setting.fit.kind !== 'inside')) {
    // A corner scales the type by how far it is from the point that stays.
    const start = Math.hypot(from.x - held.x, from.y - held.y);
    const factor = start < LEAST ? 1 : Math.hypot(to.x - held.x, to.y - held.y) / start;
    return typeof setting.size === 'number'
      ? [set(`${at}/size`, clamp(setting.size * factor, 1, 4000, 1))]
      : [];
  }
  if (setting.fit) {
    const width = setting.fit.width;
    return [
      set(`${at}/fit/width/value`, clamp(width.value * across, 1, 20_000, width.unit === 'px' ? 0 : 2)),
    ];
  }
  return [];
}

/** The wrapping width that a side handle gives to words, in px: the box it is dragged to, about the point that stays. */
export function column(block: Block, path: string, width: number): Operation[] {
  if (block.kind !== 'text' || block.setting.fit) return [];
  return [set(`${path}/setting/column`, { value: Math.max(1, Math.round(width)), unit: 'px' })];
}

function shape(
  block: Extract<Block, { kind: 'shape' }>,
  path: string,
  handle: Handle,
  across: number,
  down: number,
): Operation[] {
  const at = `${path}/shape`;
  const grown = (length: { value: number; unit: string }, factor: number) =>
    clamp(length.value * factor, 0.1, 20_000, length.unit === 'px' ? 0 : 2);
  switch (block.shape.kind) {
    case 'rectangle':
    case 'ellipse':
      return [
        set(`${at}/width/value`, grown(block.shape.width, across)),
        ...(handle.down === 0 ? [] : [set(`${at}/height/value`, grown(block.shape.height, down))]),
      ];
    case 'line':
      return [set(`${at}/length/value`, grown(block.shape.length, across))];
    default:
      return [];
  }
}

const set = (at: string, value: unknown): Operation => ({ op: 'set', at, value });

function clamp(value: number, least: number, most: number, places: number): number {
  return Number(Math.max(least, Math.min(most, value)).toFixed(places));
}

/** A point turned about another by degrees, clockwise. */
export function turned(point: Point, about: Point, degrees: number): Point {
  const angle = (degrees * Math.PI) / 180;
  const [x, y] = [point.x - about.x, point.y - about.y];
  return {
    x: about.x + x * Math.cos(angle) - y * Math.sin(angle),
    y: about.y + x * Math.sin(angle) + y * Math.cos(angle),
  };
}
