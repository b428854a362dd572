import type { Scene } from '../api/client';
import type { AskedField } from '../fields/opened';
import { said } from './Cell';
import { cellSize } from './CellStill';
import type { Row } from './problems';

/** By which column rows are sorted next: down, up, and as they are. */
export const nextSort = (now: { field: string; down: boolean } | null, field: string) =>
  now?.field !== field ? { field, down: true } : now.down ? { field, down: false } : null;

/** px of a cell: what stands around its words, a letter of them, and what no column is narrower and wider than. */
const AROUND_CELL = 34;
const LETTER = 8.2;
const NARROWEST = 72;
const WIDEST = 216;
/** px of a colour: a swatch and its digits. */
const COLOUR = 152;

/** As wide as what stands in it. */
function columnWidth(field: AskedField, rows: Row[]): number {
  if (field.kind === 'colour') return COLOUR;
  const cells = rows.map(
    (row) => said((row.values as Record<string, unknown> | undefined)?.[field.id]).length,
  );
  const letters = Math.max(field.name.length, said(field.value).length, ...cells.slice(0, 200));
  return Math.max(NARROWEST, Math.min(WIDEST, AROUND_CELL + LETTER * letters));
}

/** The columns of words, and those of pictures. */
export function columnsOf(fields: AskedField[], scene: Scene, rows: Row[]) {
  const words = fields.map((field) => `${columnWidth(field, rows)}px`);
  const pictures = scene.formats.map((format) => `${cellSize(format).width + 24}px`);
  return { '--columns': `56px ${words.join(' ')} 64px ${pictures.join(' ')} minmax(180px, 1fr)` } as object;
}

const COLLATOR = new Intl.Collator(undefined, { numeric: true, sensitivity: 'base' });

/** The rows in which what is sought stands, in the order of a column. */
export function arranged(
  rows: Row[],
  sorted: { field: string; down: boolean } | null,
  sought: string,
): Row[] {
  const cell = (row: Row, field: string) =>
    said((row.values as Record<string, unknown> | undefined)?.[field]);
  const words = sought.trim().toLowerCase();
  const found = words
    ? rows.filter((row) =>
        Object.values(row.values ?? {}).some((value) => said(value).toLowerCase().includes(words)),
      )
    : rows;
  return sorted
    ? [...found].sort(
        (one, other) =>
          (sorted.down ? 1 : -1) * COLLATOR.compare(cell(one, sorted.field), cell(other, sorted.field)),
      )
    : found;
}
