import type { BlockView, Control, NumberControl, Operation, PhaseScript, Sentence } from '../api/client';
import { clampTo, numberOperations } from './edits';

/** A column of numbers of the ledger. */
export interface Column {
  name: string;
  title: string;
  /** The number of a block that stands in this column. */
  find: (view: BlockView) => Cell | undefined;
}

/** A number in the ledger, and what changing it does. */
export interface Cell {
  value: number;
  suffix: string;
  put: (value: number) => Operation[];
}

const controls = (sentence: Sentence | undefined): Control[] =>
  (sentence?.segments ?? []).flatMap((segment) => (segment.part?.controls ?? []) as Control[]);

function numbered(sentence: Sentence | undefined, label: string): Cell | undefined {
  const control = controls(sentence).find(
    (one): one is NumberControl => one.kind === 'number' && one.label === label,
  );
  return (
    control && {
      value: control.value,
      suffix: control.suffix,
      put: (value) => numberOperations(control.edits, clampTo(control, value, 0)),
    }
  );
}

const ofMove = (phase: (view: BlockView) => PhaseScript, label: string) => (view: BlockView) =>
  numbered(phase(view).sentences[0], label);
const arrive = (view: BlockView) => view.script.arrive;
const leave = (view: BlockView) => view.script.leave;

/** When a block comes on; its length stays. */
function start(view: BlockView): Cell {
  const at = `${view.script.span.path}/span`;
  return {
    value: view.start,
    suffix: 'fr',
    put: (value) => {
      const from = Math.max(0, Math.round(value));
      return [
        { op: 'set', at: `${at}/start`, value: from },
        { op: 'set', at: `${at}/end`, value: from + Math.round(view.end - view.start) },
      ];
    },
  };
}

function lasts(view: BlockView): Cell {
  const at = `${view.script.span.path}/span`;
  return {
    value: view.end - view.start,
    suffix: 'fr',
    put: (value) => [
      { op: 'set', at: `${at}/end`, value: Math.round(view.start) + Math.max(1, Math.round(value)) },
    ],
  };
}

export const COLUMNS: Column[] = [
  { name: 'start', title: 'from', find: start },
  { name: 'lasts', title: 'lasts', find: lasts },
  { name: 'arrive each', title: 'in: each', find: ofMove(arrive, 'each') },
  { name: 'arrive apart', title: 'in: apart', find: ofMove(arrive, 'apart') },
  { name: 'leave each', title: 'out: each', find: ofMove(leave, 'each') },
  { name: 'leave apart', title: 'out: apart', find: ofMove(leave, 'apart') },
  { name: 'size', title: 'size', find: (view) => numbered(view.script.setting, 'size') },
  { name: 'tracking', title: 'tracking', find: (view) => numbered(view.script.setting, 'tracking') },
  { name: 'x', title: 'across', find: (view) => numbered(view.script.setting, 'x') },
  { name: 'y', title: 'down', find: (view) => numbered(view.script.setting, 'y') },
];

/**
 * What a typed text makes of a number: `12` is 12, `+2` and `-2` add, `×1.5` and `*1.5` multiply, `=-2` is minus two. Null
 * when it cannot be read.
 */
export function typedOnto(text: string, now: number): number | null {
  const match = /^\s*([+\-−×x*=])?\s*(-?\d+(?:[.,]\d+)?)\s*$/.exec(text);
  if (!match) return null;
  const number = Number(match[2]!.replace(',', '.'));
  switch (match[1]) {
    case '+':
      return now + number;
    case '-':
    case '−':
      return now - number;
    case '×':
    case 'x':
    case '*':
      return now * number;
    default:
      return number;
  }
}

/** Several numbers as one: `12`, or as a range `8–14`. */
export function rangeText(values: number[]): string {
  const low = Math.min(...values);
  const high = Math.max(...values);
  const say = (value: number) => String(Number(value.toFixed(2)));
  return values.length === 0 ? '' : low === high ? say(low) : `${say(low)}–${say(high)}`;
}
