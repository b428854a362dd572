import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Block, BlockView } from '../api/client';
import { keyInForce, timeOf, type Key } from '../document/keying';
import { arrowOf } from '../document/stepping';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { extent, isIn, keyRows, keySet, keysRetimed, type KeyRef, type KeyRow } from '../document/keyRows';

export const KEY_ROW = 26;
export const CURVE_ROW = 120;

/** How tall the rows of a block's keys are. */
export const keyLanesHeight = (rows: KeyRow[], open: string | null) =>
  rows.reduce((sum, row) => sum + (row.member === open ? CURVE_ROW : KEY_ROW), 0);

interface Held {
  ids: KeyRef[];
  pointer: number;
  /** What drags the keys: one of them, or an end of all the chosen ones. */
  grip: 'keys' | 'first' | 'last';
  row: KeyRow | null;
  key: Key | null;
  y: number;
  moved: boolean;
  last: ReturnType<typeof keysRetimed>;
}

/** The keys of the chosen block in time, a row for each value; one row can be opened as a curve. */
export function KeyLanes({
  block,
  live,
  path,
  view,
  width,
  perFrame,
  open,
}: {
  /** As it was before the gesture that is going on. */
  block: Block;
  live: Block;
  path: string;
  view: BlockView;
  width: number;
  perFrame: number;
  open: string | null;
}) {
  const keys = useStage((state) => state.keys);
  const set = useStage((state) => state.set);
  const frame = useStage((state) => state.frame);
  const recording = useStage((state) => state.recording);
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const held = useRef<Held | null>(null);
  const [ghost, setGhost] = useState<string | null>(null);
  const rows = keyRows(block, path);
  const shown = keyRows(live, path);
  const x = (at: number) => at * perFrame;
  const names = keySet(keys);
  const isChosen = (row: KeyRow, key: Key) => isIn(names, row, key);

  const grab = (event: PointerEvent, grip: Held['grip'], row: KeyRow | null, key: Key | null) => {
    event.stopPropagation();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    let ids = keys;
    if (row && key) {
      const ref = { member: row.member, id: key.id };
      const there = isChosen(row, key);
      if (event.shiftKey)
        ids = there ? keys.filter((one) => one.member !== ref.member || one.id !== ref.id) : [...keys, ref];
      else if (!there) ids = [ref];
      set({ keys: ids });
    }
    held.current = { ids, pointer: event.clientX, grip, row, key, y: event.clientY, moved: false, last: [] };
    if (row && row.member === open) setGhost(curveOf(row, view));
  };
  /** Arrows move the chosen keys in time; Enter and the space bar choose the one that has the focus, with Shift beside others. */
  const press = (event: KeyboardEvent, row: KeyRow, key: Key) => {
    const ref = { member: row.member, id: key.id };
    const by = arrowOf(event)?.x;
    if (by) {
      const ids = isChosen(row, key) ? keys : [ref];
      if (ids !== keys) set({ keys: ids });
      commit(
        keysRetimed(rows, ids, view, (at) => at + by),
        `keys ${ids.map((one) => one.id).join(' ')}`,
      );
    } else if (event.key === 'Enter' || event.key === ' ') {
      const others = keys.filter((one) => one.member !== ref.member || one.id !== ref.id);
      set({ keys: !event.shiftKey ? [ref] : isChosen(row, key) ? others : [...others, ref] });
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const curveOf = (row: KeyRow, seen: BlockView) => {
    const track = seen.tracks.find((one) => one.member === row.member);
    return track ? line(track, x, scaleOf(track.values)) : null;
  };
  const move = (event: PointerEvent) => {
    const now = held.current;
    if (!now || (!now.moved && Math.hypot(event.clientX - now.pointer, event.clientY - now.y) < 3)) return;
    now.moved = true;
    const by = (event.clientX - now.pointer) / perFrame;
    const range = extent(rows, now.ids, view);
    if (!range) return;
    const [first, last] = range;
    if (now.grip === 'keys') {
      const shift = event.altKey ? by : Math.round(by);
      now.last = keysRetimed(rows, now.ids, view, (at) => at + shift);
      if (now.row && now.row.member === open && now.key && typeof now.key.value === 'number') {
        const values = view.tracks.find((one) => one.member === now.row!.member)?.values ?? [];
        const { least, most } = scaleOf(values);
        const value = now.key.value - ((event.clientY - now.y) / (CURVE_ROW - 2 * PAD)) * (most - least);
        now.last = [
          ...now.last,
          { op: 'set', at: `${now.row.at}/${now.key.id}/value`, value: Math.round(value * 1000) / 1000 },
        ];
      }
    } else {
      // An end is dragged, the other one stays.
      const [still, moving] = now.grip === 'last' ? [first, last] : [last, first];
      const factor = moving === still ? 1 : (moving + by - still) / (moving - still);
      now.last = keysRetimed(rows, now.ids, view, (at) => {
        const to = still + (at - still) * Math.max(0, factor);
        return event.altKey ? to : Math.round(to);
      });
    }
    preview(now.last);
  };
  const drop = (event: PointerEvent) => {
    const now = held.current;
    if (now?.moved) commit(now.last);
    // A mere click on one of several leaves that one chosen alone.
    else if (now?.row && now.key && !event.shiftKey)
      set({ keys: [{ member: now.row.member, id: now.key.id }] });
    held.current = null;
    setGhost(null);
  };

  const self = useRef<SVGSVGElement>(null);
  useEffect(() => {
    // A row that is opened is seen whole, however low the sheet is.
    if (open) self.current?.querySelector(`[data-keys="${open}"]`)?.scrollIntoView({ block: 'nearest' });
  }, [open]);

  let top = 0;
  const range = extent(shown, keys, view);
  return (
    <svg
      ref={self}
      className="keyLanes"
      width={width}
      height={keyLanesHeight(rows, open)}
      onPointerMove={move}
      onPointerUp={drop}
      onPointerCancel={() => {
        held.current = null;
        setGhost(null);
        preview([]);
      }}
    >
      {shown.map((row) => {
        const height = row.member === open ? CURVE_ROW : KEY_ROW;
        const y = top;
        top += height;
        const track = view.tracks.find((one) => one.member === row.member);
        const scale = scaleOf(track?.values ?? []);
        const forced = recording ? null : keyInForce(row.keys, view, frame);
        return (
          <g key={row.member} data-keys={row.member} transform={`translate(0 ${y})`}>
            <rect className="ground" width={width} height={height} />
            {track && track.colours.length > 0 && (
              <ColourStrip track={track} x={x} height={height} perFrame={perFrame} />
            )}
            {row.member === open && track && track.values.length > 0 && (
              <g className="curve">
                {view.tracks
                  .filter(
                    (other) =>
                      other.values.length > 0 &&
                      other.member !== row.member &&
                      shown.some((one) => one.member === other.member),
                  )
                  .map((other) => (
                    <OtherCurve
                      key={other.member}
                      track={other}
                      label={shown.find((one) => one.member === other.member)!.label}
                      x={x}
                    />
                  ))}
                {ghost && <path className="before" d={ghost} />}
                <path d={line(track, x, scale)} />
                {track.values.map((value, i) => (
                  <line
                    key={i}
                    className="rung"
                    x1={x(view.end) + 8}
                    x2={x(view.end) + 20}
                    y1={level(value, scale)}
                    y2={level(value, scale)}
                  />
                ))}
              </g>
            )}
            {row.keys.map((key) => {
              const at = timeOf(key, view);
              const middle =
                row.member === open && typeof key.value === 'number' ? level(key.value, scale) : height / 2;
              return (
                <path
                  key={key.id}
                  className={`key ${isChosen(row, key) ? 'on' : ''} ${forced?.id === key.id ? 'forced' : ''}`}
                  data-key={key.id}
                  d={`M${x(at) - 6} ${middle}L${x(at)} ${middle - 6}L${x(at) + 6} ${middle}L${x(at)} ${middle + 6}Z`}
                  role="button"
                  tabIndex={0}
                  aria-pressed={isChosen(row, key)}
                  aria-label={`Key of ${row.label}, frame ${Math.round(at * 10) / 10}`}
                  onKeyDown={(event) => press(event, row, key)}
                  onPointerDown={(event) => grab(event, 'keys', row, key)}
                >
                  <title>{`${row.label}, frame ${Math.round(at * 10) / 10}`}</title>
                </path>
              );
            })}
          </g>
        );
      })}
      {range && range[1] > range[0] && (
        <g className="stretch">
          <line x1={x(range[0])} x2={x(range[1])} y1="3" y2="3" />
          {(['first', 'last'] as const).map((end, i) => (
            <rect
              key={end}
              data-stretch={end}
              x={x(range[i]!) - 4}
              y="0"
              width="8"
              height="8"
              onPointerDown={(event) => grab(event, end, null, null)}
            >
              <title>Drag to stretch the chosen keys about the other end</title>
            </rect>
          ))}
        </g>
      )}
    </svg>
  );
}

/** A colour that changes over time, as it is in each frame. */
function ColourStrip({
  track,
  x,
  height,
  perFrame,
}: {
  track: BlockView['tracks'][number];
  x: (frame: number) => number;
  height: number;
  perFrame: number;
}) {
  const { first, colours } = track;
  // One rectangle for as long as it stays the same.
  const stays = colours
    .map((colour, i) => ({ colour, i }))
    .filter(({ colour, i }) => i === 0 || colour !== colours[i - 1]);
  return (
    <g className="colourStrip">
      {stays.map(({ colour, i }, n) => {
        const until = stays[n + 1]?.i ?? colours.length;
        return (
          <rect
            key={i}
            x={x(first + i)}
            y={height / 2 - 4}
            width={(until - i) * perFrame + 0.5}
            height="8"
            fill={colour}
          />
        );
      })}
    </g>
  );
}

/** Another value's curve behind the one that is open, each as tall as its own values reach. */
function OtherCurve({
  track,
  label,
  x,
}: {
  track: BlockView['tracks'][number];
  label: string;
  x: (frame: number) => number;
}) {
  const scale = scaleOf(track.values);
  return (
    <g className="other">
      <path d={line(track, x, scale)} />
      <text x={x(track.first) + 4} y={Math.max(10, level(track.values[0] ?? 0, scale) - 4)}>
        {label}
      </text>
    </g>
  );
}

const PAD = 12;

interface Scale {
  least: number;
  most: number;
}

function scaleOf(values: number[]): Scale {
  const least = values.length ? Math.min(...values) : 0;
  const most = values.length ? Math.max(...values) : 1;
  return most - least < 1e-6 ? { least: least - 0.5, most: most + 0.5 } : { least, most };
}

const level = (value: number, { least, most }: Scale) =>
  PAD + (1 - (value - least) / (most - least)) * (CURVE_ROW - 2 * PAD);

const line = (track: BlockView['tracks'][number], x: (frame: number) => number, scale: Scale) =>
  track.values
    .map((value, i) => `${i === 0 ? 'M' : 'L'}${x(track.first + i)} ${level(value, scale)}`)
    .join('');
