import type { BlockView } from '../api/client';

/** What a number of a block is at a frame: as the server tells it where it has keys, else as it stands. */
export function valueNow(
  view: BlockView,
  member: string,
  value: unknown,
  frame: number,
  usual: number,
): number {
  const told = view.tracks.find((track) => track.member === member);
  if (told && told.values.length > 0)
    return told.values[Math.max(0, Math.min(told.values.length - 1, frame - told.first))]!;
  return typeof value === 'number' ? value : usual;
}
