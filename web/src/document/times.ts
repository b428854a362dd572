import type { Block, BlockView, Operation, Scene } from '../api/client';
import { appended, free, freed, idsOf } from './ids';

export type Span = Block['span'];
type Hang = NonNullable<Span['startsAt']>;
type HangName = 'startsAt' | 'landsAt' | 'leavesAt' | 'endsAt';

const spanOf = (scene: Scene, id: string) => `scenes/${scene.id}/blocks/${id}/span`;
const set = (at: string, value: unknown): Operation => ({ op: 'set', at, value });

/** A time of the document in frames. */
export function frames(time: unknown): number {
  if (typeof time === 'number') return time;
  const [above, below] = String(time).split('/').map(Number);
  return (above ?? 0) / (below ?? 1);
}

/** Frames as a time of the document: whole, or to a thousandth. */
export function time(value: number): number | string {
  const rounded = Math.round(value * 1000);
  return rounded % 1000 === 0 ? rounded / 1000 : `${rounded}/1000`;
}

const hangs = (span: Span, names: HangName[]) => names.filter((name) => span[name]);
const later = (span: Span, at: string, names: HangName[], by: number): Operation[] =>
  hangs(span, names).map((name) => set(`${at}/${name}/offset`, round((span[name] as Hang).offset + by)));
const round = (value: number) => Math.round(value * 1000) / 1000;

/** Moves a block in time. What hangs keeps hanging, so many frames earlier or later. */
export function moved(scene: Scene, block: Block, by: number): Operation[] {
  const { span } = block;
  const at = spanOf(scene, block.id);
  if (by === 0) return [];
  const first = later(span, at, ['startsAt', 'landsAt'], by);
  const last = later(span, at, ['leavesAt', 'endsAt'], by);
  if (first.length > 0) return [...first, ...last];
  const start = set(`${at}/start`, time(Math.max(0, frames(span.start) + by)));
  if (last.length > 0) return [start, ...last];
  const end = set(`${at}/end`, time(frames(span.end) + Math.max(by, -frames(span.start))));
  // The end first where it goes on: a span is never empty in between.
  return by > 0 ? [end, start] : [start, end];
}

/** Puts a block's start elsewhere; its end stays. */
export function started(scene: Scene, block: Block, view: BlockView, to: number): Operation[] {
  const { span } = block;
  const at = spanOf(scene, block.id);
  const start = Math.max(0, Math.min(to, view.end - 1));
  const by = start - view.start;
  const first = later(span, at, ['startsAt', 'landsAt'], by);
  if (first.length === 0) return [set(`${at}/start`, time(start))];
  // A block that is carried by its start keeps its length: so as not to move its end, that is changed too.
  return hangs(span, ['leavesAt', 'endsAt']).length > 0
    ? first
    : [...first, set(`${at}/end`, time(frames(span.end) - by))];
}

/** Puts a block's end elsewhere; its start stays. */
export function ended(scene: Scene, block: Block, view: BlockView, to: number): Operation[] {
  const { span } = block;
  const at = spanOf(scene, block.id);
  const end = Math.max(view.start + 1, to);
  const last = later(span, at, ['leavesAt', 'endsAt'], end - view.end);
  if (last.length > 0) return last;
  const carried = hangs(span, ['startsAt', 'landsAt']).length > 0;
  return [set(`${at}/end`, time(carried ? frames(span.end) + end - view.end : end))];
}

/** Hangs one end of a block on a cue or on another block's moment, so many frames after it. */
export function hung(
  scene: Scene,
  block: Block,
  edge: 'start' | 'end',
  onto: { cue: string } | { block: string; edge: 'start' | 'landed' | 'leaving' | 'end' },
): Operation[] {
  const at = spanOf(scene, block.id);
  const other = edge === 'start' ? 'landsAt' : 'leavesAt';
  return [
    ...(block.span[other] ? [{ op: 'clear', at: `${at}/${other}` } as Operation] : []),
    set(`${at}/${edge === 'start' ? 'startsAt' : 'endsAt'}`, { ...onto, offset: 0 }),
  ];
}

export interface Placed {
  block: Block;
  view: BlockView;
}

/** How far each of several blocks is moved by an arrangement, by their order on the page. */
export const arrangements = {
  /** All start with the first. */
  'align starts': (all: Placed[]) => {
    const first = Math.min(...all.map(({ view }) => view.start));
    return all.map(({ view }) => first - view.start);
  },
  /** All end with the last. */
  'align ends': (all: Placed[]) => {
    const last = Math.max(...all.map(({ view }) => view.end));
    return all.map(({ view }) => last - view.end);
  },
  /** The same time from each start to the next; the first and the last stay. */
  'space evenly': (all: Placed[]) => {
    const sorted = [...all].sort((one, other) => one.view.start - other.view.start);
    const first = sorted[0]!.view.start;
    const apart = (sorted.at(-1)!.view.start - first) / Math.max(1, all.length - 1);
    return all.map((one) => Math.round(first + sorted.indexOf(one) * apart) - one.view.start);
  },
  /** What came last comes first. */
  reverse: (all: Placed[]) => {
    const first = Math.min(...all.map(({ view }) => view.start));
    const last = Math.max(...all.map(({ view }) => view.end));
    return all.map(({ view }) => first + last - view.end - view.start);
  },
} satisfies Record<string, (all: Placed[]) => number[]>;

export type Arrangement = keyof typeof arrangements;

/** Each of several blocks so many frames after the one before it on the page. */
export const trailed = (all: Placed[], apart: number): number[] =>
  all.map(({ view }, i) => all[0]!.view.start + i * apart - view.start);

/** The blocks that move with one: those of its groups, unless they are opened. */
export function withGroup(scene: Scene, ids: string[], opened: string[]): string[] {
  const all = new Set(ids);
  for (const group of scene.groups ?? [])
    if (!opened.includes(group.id) && group.blocks.some((id) => all.has(id)))
      group.blocks.forEach((id) => all.add(id));
  return [...all].filter((id) => scene.blocks.some((block) => block.id === id));
}

/** Lets a piece of a move have its turn earlier or later than the others. */
export function unitShifted(
  scene: Scene,
  block: Block,
  phase: 'arrive' | 'leave',
  moveId: string,
  unit: { from: number; to: number },
  by: number,
): Operation[] {
  const move = block[phase]?.moves.find((one) => one.id === moveId);
  if (!move || by === 0) return [];
  const at = `scenes/${scene.id}/blocks/${block.id}/${phase}/moves/${moveId}/own`;
  const own = move.own?.find((one) => one.from <= unit.from && one.to >= unit.to);
  if (own) return [set(`${at}/${own.id}/shift`, (own.shift ?? 0) + by)];
  const value = { id: free('o', idsOf(move.own)), from: unit.from, to: unit.to, shift: by };
  return [appended(at, move.own, value)];
}

/** A block once more, under an id that is free, as far away in time. */
export function copied(scene: Scene, block: Block, by: number, taken: Set<string>): Operation[] {
  const id = freed(block.id.replace(/-\d+$/, ''), taken);
  taken.add(id);
  const index = scene.blocks.findIndex((one) => one.id === block.id) + 1;
  const copy = { ...block, id };
  const alone: Scene = { ...scene, blocks: [copy] };
  return [{ op: 'insert', at: `scenes/${scene.id}/blocks`, index, value: copy }, ...moved(alone, copy, by)];
}
