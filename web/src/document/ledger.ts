import type { BlockView, Control, NumberControl, Operation, PhaseScript, Sentence } from '../api/client';
import { clampTo, numberOperations, setsNumber } from './edits';
import { draggedTo } from './times';

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

/** @param end of the path of the number that is wanted */
function numbered(sentence: Sentence | undefined, end: string): Cell | undefined {
  const control = controls(sentence).find(
    (one): one is NumberControl => one.kind === 'number' && setsNumber(one, end),
  );
  return (
    control && {
      value: control.value,
      suffix: control.suffix,
      put: (value) => numberOperations(control.edits, clampTo(control, value, 0)),
    }
  );
}

const ofMove = (phase: (view: BlockView) => PhaseScript, end: string) => (view: BlockView) =>
  numbered(phase(view).sentences[0], end);
const arrive = (view: BlockView) => view.script.arrive;
const leave = (view: BlockView) => view.script.leave;

/** When a block comes on; its length stays, and what it hangs on. */
const start = (view: BlockView): Cell => ({
  value: view.start,
  suffix: 'fr',
  put: (to) => draggedTo(view.handles.move, Math.max(0, Math.round(to)) - view.start),
});

const lasts = (view: BlockView): Cell => ({
  value: view.end - view.start,
  suffix: 'fr',
  put: (to) => draggedTo(view.handles.end, view.start + Math.round(to)),
});

export const COLUMNS: Column[] = [
  { name: 'start', title: 'from', find: start },
  { name: 'lasts', title: 'lasts', find: lasts },
  { name: 'arrive each', title: 'in: each', find: ofMove(arrive, '/pace/each') },
  { name: 'arrive apart', title: 'in: apart', find: ofMove(arrive, '/pace/apart') },
  { name: 'leave each', title: 'out: each', find: ofMove(leave, '/pace/each') },
  { name: 'leave apart', title: 'out: apart', find: ofMove(leave, '/pace/apart') },
  { name: 'size', title: 'size', find: (view) => numbered(view.script.setting, '/setting/size') },
  { name: 'tracking', title: 'tracking', find: (view) => numbered(view.script.setting, '/setting/tracking') },
  { name: 'x', title: 'across', find: (view) => numbered(view.script.setting, '/place/x/value') },
  { name: 'y', title: 'down', find: (view) => numbered(view.script.setting, '/place/y/value') },
];

/** Several numbers as one: `12`, or as a range `8–14`. */
export function rangeText(values: number[]): string {
  const low = Math.min(...values);
  const high = Math.max(...values);
  const say = (value: number) => String(Number(value.toFixed(2)));
  return values.length === 0 ? '' : low === high ? say(low) : `${say(low)}–${say(high)}`;
}
