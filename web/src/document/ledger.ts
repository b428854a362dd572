import type {
  Block,
  BlockView,
  Control,
  NumberControl,
  Operation,
  PhaseScript,
  Scene,
  Sentence,
} from '../api/client';
import { clampTo, numberOperations, setsNumber } from './edits';
import { ended, moved } from './times';

/** A column of numbers of the ledger. */
export interface Column {
  name: string;
  title: string;
  /** The number of a block that stands in this column. */
  find: (view: BlockView, scene: Scene) => Cell | undefined;
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
const start = (view: BlockView, scene: Scene): Cell | undefined =>
  timed(view, scene, view.start, (block, to) => moved(scene, block, Math.max(0, to) - view.start));

const lasts = (view: BlockView, scene: Scene): Cell | undefined =>
  timed(view, scene, view.end - view.start, (block, to) =>
    ended(scene, block, view, view.start + Math.max(1, to)),
  );

function timed(
  view: BlockView,
  scene: Scene,
  value: number,
  put: (block: Block, to: number) => Operation[],
): Cell | undefined {
  const block = scene.blocks.find((one) => one.id === view.id);
  return block && { value, suffix: 'fr', put: (to) => put(block, Math.round(to)) };
}

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
