import { memo, type KeyboardEvent, type PointerEvent } from 'react';
import type { BlockView } from '../api/client';
import { barMoves } from './lanes';
import type { Grip, Times, UnitGrip } from './useRibbonDrag';

type Grab = (event: PointerEvent, grip: Grip | UnitGrip, view: BlockView) => void;
type Press = (event: KeyboardEvent, grip: Grip | UnitGrip, view: BlockView) => void;

const TOP = 4;
const BOTTOM = 28;
const MOST_ROWS = 24;

/** A block in time: a rising wedge, a plain bar, a falling wedge; opened, one thin bar for each unit's turn. */
export const Ribbon = memo(Drawn, looksSame);

interface RibbonLook {
  view: BlockView;
  /** Where it is being dragged to. */
  dragged: Times | undefined;
  label: string;
  open: boolean;
  /** Chosen beside others. */
  also: boolean;
  perFrame: number;
  grab: Grab;
  press: Press;
}

/** Every answer of the server tells all blocks anew; a closed ribbon shows nothing of them but its times. */
function looksSame(one: RibbonLook, other: RibbonLook): boolean {
  const timed = (['id', 'start', 'arriveEnd', 'leaveStart', 'end', 'scale'] as const).every(
    (key) => one.view[key] === other.view[key],
  );
  return (
    timed &&
    (!one.open || one.view === other.view) &&
    one.dragged === other.dragged &&
    one.label === other.label &&
    one.open === other.open &&
    one.also === other.also &&
    one.perFrame === other.perFrame &&
    one.grab === other.grab &&
    one.press === other.press
  );
}

/** What each grip moves, as it is read out. */
const SAID: Record<'body' | 'start' | 'end' | 'arrive' | 'leave', string> = {
  body: 'its time',
  start: 'its beginning',
  end: 'its end',
  arrive: 'how long it arrives',
  leave: 'how long it leaves',
};

function Drawn({ view, dragged, label, open, also, perFrame, grab, press }: RibbonLook) {
  const x = (frame: number) => frame * perFrame;
  const times = dragged ?? view;
  const [start, rest, leave, end] = [x(times.start), x(times.arriveEnd), x(times.leaveStart), x(times.end)];
  // Of many ribbons only that of the chosen block takes the focus, grip by grip.
  const keyed = (grip: keyof typeof SAID, frame: number) => ({
    role: 'slider',
    tabIndex: open ? 0 : -1,
    'aria-label': `${label}: ${SAID[grip]}`,
    'aria-valuenow': Math.round(frame * 10) / 10,
    'aria-valuetext': `${Math.round(frame * 10) / 10} frames`,
    onKeyDown: (event: KeyboardEvent) => press(event, grip, view),
  });
  const handle = (grip: keyof typeof SAID, at: number, frame: number) => (
    <rect
      className="grip"
      {...keyed(grip, frame)}
      data-grip={grip}
      x={at - 4}
      y={TOP - 2}
      width={8}
      height={BOTTOM - TOP + 4}
      onPointerDown={(event) => grab(event, grip, view)}
    />
  );
  const hook = (grip: Grip, at: number) => (
    <circle
      className="hook"
      data-grip={grip}
      cx={at}
      cy={BOTTOM + 1}
      r="3.5"
      onPointerDown={(event) => grab(event, grip, view)}
    >
      <title>Drag it onto a cue or another block’s edge to hang it there</title>
    </circle>
  );
  return (
    <g data-ribbon={view.id} className={also ? 'also' : undefined}>
      <g
        data-grip="body"
        className="body"
        {...keyed('body', times.start)}
        onPointerDown={(event) => grab(event, 'body', view)}
      >
        <polygon points={`${start},${BOTTOM} ${rest},${TOP} ${rest},${BOTTOM}`} fill="url(#hatch-arrive)" />
        <rect x={rest} y={TOP} width={Math.max(0, leave - rest)} height={BOTTOM - TOP} className="dwell" />
        <polygon points={`${leave},${TOP} ${end},${BOTTOM} ${leave},${BOTTOM}`} fill="url(#hatch-leave)" />
        <text x={rest + 10} y={21}>
          {fitted(label, leave - rest - 20)}
        </text>
      </g>
      {handle('start', start, times.start)}
      {handle('end', end, times.end)}
      {times.arriveEnd > times.start && handle('arrive', rest, times.arriveEnd - times.start)}
      {times.leaveStart < times.end && handle('leave', leave, times.end - times.leaveStart)}
      {open && hook('hookStart', start)}
      {open && hook('hookEnd', end)}
      {view.scale < 1 && (
        <path className="tight" d={`M${rest - 5} ${TOP}h10l-5 8z`}>
          <title>Arriving and leaving do not fit; both are shortened</title>
        </path>
      )}
      {open && <Turns view={view} perFrame={perFrame} grab={grab} press={press} />}
    </g>
  );
}

/** One thin bar for each unit's turn, move by move. */
const Turns = memo(function Turns({
  view,
  perFrame,
  grab,
  press,
}: {
  view: BlockView;
  perFrame: number;
  grab: Grab;
  press: Press;
}) {
  const moves = barMoves(view);
  return moves.map((move, m) => {
    const above = moves.slice(0, m).reduce((rows, one) => rows + Math.min(MOST_ROWS, one.units.length), 0);
    return (
      <g key={move.phase + move.id} className="turns">
        {move.units.slice(0, MOST_ROWS).map((unit, row) => {
          const y = 36 + (above + row) * 8;
          const grip = { phase: move.phase as 'arrive' | 'leave', move: move.id, unit };
          return (
            <g key={unit.id}>
              <rect
                x={unit.start * perFrame}
                y={y}
                width={Math.max(1, (unit.end - unit.start) * perFrame)}
                height={3}
                rx={1.5}
              />
              <rect
                className="unitGrip"
                data-turn={`${move.phase} ${unit.id}`}
                x={unit.start * perFrame}
                y={y - 2}
                width={Math.max(4, (unit.end - unit.start) * perFrame)}
                height={7}
                role="slider"
                tabIndex={row === 0 ? 0 : -1}
                aria-label={`${unit.text}: when it takes its turn`}
                aria-valuenow={Math.round(unit.start * 10) / 10}
                onPointerDown={(event) => grab(event, grip, view)}
                onKeyDown={(event) => {
                  if (!stepRow(event)) press(event, grip, view);
                }}
              >
                <title>{unit.text}: drag it to be earlier or later than its turn</title>
              </rect>
              <text x={unit.start * perFrame - 4} y={y + 4} textAnchor="end">
                {unit.text.slice(0, 16)}
              </text>
            </g>
          );
        })}
      </g>
    );
  });
});

/** Up and down go from bar to bar; true where they did. */
function stepRow(event: KeyboardEvent<SVGElement>): boolean {
  const way = { ArrowUp: -1, ArrowDown: 1 }[event.key];
  if (!way) return false;
  const bars = [...event.currentTarget.closest('[data-ribbon]')!.querySelectorAll<SVGElement>('.unitGrip')];
  bars[bars.indexOf(event.currentTarget) + way]?.focus();
  event.preventDefault();
  event.stopPropagation();
  return true;
}

/** As much of a label as goes into so many px, at about 7 px a letter; nothing where it would be a stump. */
function fitted(label: string, width: number): string {
  const most = Math.floor(width / 7);
  if (label.length <= most) return label;
  return most < 6 ? '' : `${label.slice(0, most - 1).trimEnd()}…`;
}
