import type { Block, BlockView, Operation } from '../api/client';
import { keysOf, retimed, timeOf, type Key } from './keying';

/** The keys of one value of a block. */
export interface KeyRow {
  member: string;
  label: string;
  /** The list of keys in the document. */
  at: string;
  keys: Key[];
}

/** A key by its row and id. */
export interface KeyRef {
  member: string;
  id: string;
}

const TRACKS: [string, string][] = [
  ['place/x', 'across'],
  ['place/y', 'down'],
  ['place/scale', 'scale'],
  ['place/rotation', 'turn'],
  ['opacity', 'opacity'],
];

const inside = (block: Block, member: string): unknown =>
  member
    .split('/')
    .reduce<unknown>((node, step) => (node as Record<string, unknown> | undefined)?.[step], block);

/** What is kept as one name, as words: "longShadow" is a long shadow. */
const words = (name: string) => name.replace(/[A-Z]/g, (letter) => ` ${letter.toLowerCase()}`);

/** The rows of a block that has keys; points of its motion path that have a time are keys too. */
export function keyRows(block: Block, path: string): KeyRow[] {
  const rows = TRACKS.flatMap(([member, label]): KeyRow[] => {
    const keys = keysOf(inside(block, member));
    return keys ? [{ member, label, at: `${path}/${member}/track`, keys }] : [];
  });
  // What it is dressed with may carry keys in any of its numbers and colours.
  for (const { id, kind, numbers, colours } of block.dress ?? [])
    for (const [values, inside] of Object.entries({ numbers, colours }))
      for (const [name, value] of Object.entries(inside ?? {})) {
        const keys = keysOf(value);
        const member = `dress/${id}/${values}/${name}`;
        if (keys)
          rows.push({ member, label: `${words(kind)} ${words(name)}`, at: `${path}/${member}/track`, keys });
      }
  const stops = block.place.way?.stops.filter((stop) => stop.at !== undefined && stop.at !== null);
  return stops
    ? [
        {
          member: 'place/way',
          label: 'path',
          at: `${path}/place/way/stops`,
          keys: stops.map((stop) => ({ ...stop, at: stop.at!, value: null })) as Key[],
        },
        ...rows,
      ]
    : rows;
}

/** The chosen keys by name, to be looked up: there may be thousands. */
export const keySet = (keys: KeyRef[]) => new Set(keys.map((key) => `${key.member} ${key.id}`));
export const isIn = (set: Set<string>, row: KeyRow, key: Key) => set.has(`${row.member} ${key.id}`);

const chosen = (rows: KeyRow[], keys: KeyRef[]) => {
  const names = keySet(keys);
  return rows.flatMap((row) => row.keys.filter((key) => isIn(names, row, key)).map((key) => ({ row, key })));
};

/** Gives the chosen keys other times, each by its time now. */
export function keysRetimed(
  rows: KeyRow[],
  keys: KeyRef[],
  view: BlockView,
  to: (frame: number) => number,
): Operation[] {
  return chosen(rows, keys).map(({ row, key }) => ({
    op: 'set',
    at: `${row.at}/${key.id}/at`,
    value: retimed(key, to(timeOf(key, view)), view),
  }));
}

/** From the first to the last of the chosen keys, in scene frames. */
export function extent(rows: KeyRow[], keys: KeyRef[], view: BlockView): [number, number] | null {
  const times = chosen(rows, keys).map(({ key }) => timeOf(key, view));
  if (times.length === 0) return null;
  return times.reduce<[number, number]>(
    ([first, last], at) => [Math.min(first, at), Math.max(last, at)],
    [Infinity, -Infinity],
  );
}

/** Plays the chosen keys backwards: the first takes the time of the last. */
export function keysMirrored(rows: KeyRow[], keys: KeyRef[], view: BlockView): Operation[] {
  const range = extent(rows, keys, view);
  return range ? keysRetimed(rows, keys, view, (frame) => range[0] + range[1] - frame) : [];
}

export const keysEased = (rows: KeyRow[], keys: KeyRef[], easing: string): Operation[] =>
  chosen(rows, keys).map(({ row, key }) => ({ op: 'set', at: `${row.at}/${key.id}/easing`, value: easing }));

/** Keys that were copied: by member, counted from the first of them. Points of a path belong to it and are not copied. */
export type KeyClip = { member: string; after: number; key: Key }[];

export function keysCopied(all: KeyRow[], keys: KeyRef[], view: BlockView): KeyClip {
  const rows = all.filter((row) => row.member !== 'place/way');
  const range = extent(rows, keys, view);
  return range
    ? chosen(rows, keys).map(({ row, key }) => ({
        member: row.member,
        after: timeOf(key, view) - range[0],
        key,
      }))
    : [];
}

/** Moves what happens inside a block that stays where it is. */
export const slipped = (rows: KeyRow[], view: BlockView, by: number): Operation[] =>
  keysRetimed(
    rows,
    rows.flatMap((row) =>
      row.keys.filter((key) => key.anchor !== 'hold').map((key) => ({ member: row.member, id: key.id })),
    ),
    view,
    (frame) => frame + by,
  );
