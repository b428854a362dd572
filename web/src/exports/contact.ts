import type { BlockView } from '../api/client';

const MOST = 48;

/** Frames evenly apart, the first and the last among them. */
export function evenFrames(length: number, count: number): number[] {
  const most = Math.max(1, Math.min(count, length));
  return most === 1
    ? [0]
    : [...new Set([...Array(most).keys()].map((i) => Math.round((i * (length - 1)) / (most - 1))))];
}

/** For every block the middle of its way in, its landing, the middle of its hold, and the middle of its way out. */
export function phaseFrames(
  views: Pick<BlockView, 'start' | 'arriveEnd' | 'leaveStart' | 'end'>[],
  length: number,
): number[] {
  const frames = new Set<number>();
  for (const { start, arriveEnd, leaveStart, end } of views) {
    if (arriveEnd > start) frames.add(Math.round((start + arriveEnd) / 2));
    frames.add(Math.round(arriveEnd));
    frames.add(Math.round((arriveEnd + leaveStart) / 2));
    if (end > leaveStart) frames.add(Math.round((leaveStart + end) / 2));
  }
  const inside = [...frames].filter((frame) => frame >= 0 && frame < length).sort((a, b) => a - b);
  if (inside.length === 0) return [0];
  // Of too many, as many as fit, evenly chosen.
  return inside.length <= MOST ? inside : evenFrames(inside.length, MOST).map((i) => inside[i]!);
}
