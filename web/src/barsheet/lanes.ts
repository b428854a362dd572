import type { BlockView } from '../api/client';

const MOST_ROWS = 24;
const ROW = 8;

/** Height of a lane with so many unit bars under its ribbon. */
export const laneHeight = (rows: number) => 32 + rows * ROW + (rows > 0 ? 8 : 0);

/** How many unit bars an opened ribbon has. */
export function unitRows(view: BlockView | undefined): number {
  return (view?.moves ?? []).reduce(
    (sum, move) => sum + (move.units.length > 1 ? Math.min(move.units.length, MOST_ROWS) : 0),
    0,
  );
}

/** What the opened bars are: "12 characters, centre out". */
export function unitNote(view: BlockView | undefined): string {
  const move = view?.moves.find((one) => one.units.length > 1);
  const sentences = view ? [...view.script.arrive.sentences, ...view.script.leave.sentences] : [];
  const sentence = sentences.find((one) => move && one.path.endsWith(`${move.phase}/moves/${move.id}`));
  const said = (name: string) =>
    sentence?.segments.find((segment) => segment.part?.name === name)?.text ?? '';
  return move ? `${move.units.length} ${said('unit')}\n${said('order')}` : '';
}
