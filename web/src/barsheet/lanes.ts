import type { BlockView } from '../api/client';

const MOST_ROWS = 24;
const ROW = 8;

/** Height of a lane with so many unit bars under its ribbon. */
export const laneHeight = (rows: number) => 32 + rows * ROW + (rows > 0 ? 8 : 0);

/** The moves whose pieces have bars of their own: in a dwell all of them are from its begin to its end. */
export const barMoves = (view: BlockView | undefined) =>
  (view?.moves ?? []).filter((move) => move.phase !== 'dwell' && move.units.length > 1);

/** How many unit bars an opened ribbon has. */
export function unitRows(view: BlockView | undefined): number {
  return barMoves(view).reduce((sum, move) => sum + Math.min(move.units.length, MOST_ROWS), 0);
}

/** What the opened bars are: "12 characters, centre out". */
export function unitNote(view: BlockView | undefined): string {
  const move = barMoves(view)[0];
  const sentences = view ? [...view.script.arrive.sentences, ...view.script.leave.sentences] : [];
  const sentence = sentences.find((one) => move && one.path.endsWith(`${move.phase}/moves/${move.id}`));
  const said = (name: string) =>
    sentence?.segments.find((segment) => segment.part?.name === name)?.text ?? '';
  return move ? `${move.units.length} ${said('unit')}\n${said('order')}` : '';
}
