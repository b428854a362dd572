import type { BlockView, Format, PageView } from '../api/client';

/** Lines across the frame at x, and down it at y, in px of the frame. */
export interface Lines {
  x: number[];
  y: number[];
}

type Safe = PageView['usualSafe'];

const WHOLE = 0.95;

/** What a block can be set against: the frame, its middle and safe area, guides, other blocks' edges, middles and baselines. */
export function linesToSnapTo(format: Format, others: BlockView[], safe?: Safe): Lines {
  const { width, height } = format;
  const lines: Lines = { x: [0, width / 2, width], y: [0, height / 2, height] };
  if (safe) {
    lines.x.push((width * safe.left) / 100, (width * (100 - safe.right)) / 100);
    lines.y.push((height * safe.top) / 100, (height * (100 - safe.bottom)) / 100);
  }
  for (const guide of format.guides ?? []) lines[guide.axis].push(guide.at);
  for (const view of others) {
    const own = linesOf(view);
    const { left, top, right, bottom } = view.restBox;
    // What reaches from edge to edge lies behind; nobody sets things against its middle.
    if (right - left < width * WHOLE) lines.x.push(...own.x);
    if (bottom - top < height * WHOLE) lines.y.push(...own.y);
  }
  return lines;
}

/** A block's own lines that snap: edges, middle, baseline and pivot. */
export function linesOf(view: BlockView): Lines {
  const { left, top, right, bottom } = view.restBox;
  return {
    x: [left, (left + right) / 2, right],
    y: [top, (top + bottom) / 2, bottom, view.baseline],
  };
}

export interface Snapped {
  dx: number;
  dy: number;
  /** The lines that were met; null where none was near. */
  x: number | null;
  y: number | null;
}

/** A move by (dx, dy), bent so that the nearest of the block's lines within reach meets a line. Undefined axes stay free. */
export function snapMove(own: Lines, lines: Lines, dx: number, dy: number, reach: number): Snapped {
  const across = nearest(own.x, lines.x, dx, reach);
  const down = nearest(own.y, lines.y, dy, reach);
  return {
    dx: across ? across.by : dx,
    dy: down ? down.by : dy,
    x: across ? across.line : null,
    y: down ? down.line : null,
  };
}

function nearest(
  own: number[],
  lines: number[],
  by: number,
  reach: number,
): { by: number; line: number } | null {
  let best: { by: number; line: number } | null = null;
  let least = reach;
  for (const line of lines) {
    for (const edge of own) {
      const distance = Math.abs(edge + by - line);
      if (distance < least) {
        least = distance;
        best = { by: line - edge, line };
      }
    }
  }
  return best;
}

export type Align = 'left' | 'centre' | 'right' | 'top' | 'middle' | 'bottom' | 'baseline';

/** How far each block goes so that all are level with the first; by id. */
export function aligned(views: BlockView[], how: Align): Map<string, { dx: number; dy: number }> {
  const across = how === 'left' || how === 'centre' || how === 'right';
  const at = (view: BlockView) => {
    const { x, y } = linesOf(view);
    return {
      left: x[0]!,
      centre: x[1]!,
      right: x[2]!,
      top: y[0]!,
      middle: y[1]!,
      bottom: y[2]!,
      baseline: y[3]!,
    }[how];
  };
  const to = views[0] ? at(views[0]) : 0;
  return new Map(
    views.map((view) => [view.id, across ? { dx: to - at(view), dy: 0 } : { dx: 0, dy: to - at(view) }]),
  );
}

/** How far each block goes so that the gaps between them are equal; the outer two stay. */
export function distributed(views: BlockView[], axis: 'x' | 'y'): Map<string, { dx: number; dy: number }> {
  const low = (view: BlockView) => (axis === 'x' ? view.restBox.left : view.restBox.top);
  const high = (view: BlockView) => (axis === 'x' ? view.restBox.right : view.restBox.bottom);
  const sorted = [...views].sort((a, b) => low(a) - low(b));
  const first = sorted[0];
  const last = sorted.at(-1);
  if (!first || !last || sorted.length < 3) return new Map();
  const filled = sorted.reduce((sum, view) => sum + high(view) - low(view), 0);
  const gap = (high(last) - low(first) - filled) / (sorted.length - 1);
  let next = low(first);
  return new Map(
    sorted.map((view) => {
      const by = next - low(view);
      next += high(view) - low(view) + gap;
      return [view.id, axis === 'x' ? { dx: by, dy: 0 } : { dx: 0, dy: by }];
    }),
  );
}
