import { useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Block, BlockView, Operation } from '../api/client';
import { arrowOf } from '../document/stepping';
import { keep } from '../document/edit';
import { useDocument } from '../document/store';
import { isPlate } from './moving';
import { column, handlesOf, resized, turned, type Handle } from './resizing';
import { useHandle, type Point } from './useHandle';
import { valueNow } from './valueNow';
import { keysOf } from '../document/keying';
import { useStage } from '../document/stage';

const RING = 26;
const SQUARE = 7;

/** What a handle is called by those who do not see it. */
const nameOf = ({ across, down }: Handle) =>
  [
    'Size at the',
    down < 0 ? 'top' : down > 0 ? 'bottom' : '',
    across < 0 ? 'left' : across > 0 ? 'right' : '',
  ]
    .filter(Boolean)
    .join(' ');

/** px on the screen: a smaller block would be hidden by its pin's head, which then cannot be taken hold of. */
const LEAST_PINNED = 24;

/** What the chosen block is taken by: squares that resize it, a ring that turns it, and the pin it is placed by. */
export function Handles({
  block,
  view,
  path,
  scale,
  fit,
  at,
}: {
  block: Block;
  view: BlockView;
  path: string;
  /** Screen px for one px of the frame. */
  scale: number;
  /** Frame px for one px of the base format. */
  fit: number;
  /** The pointer's place in px of the frame. */
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const commit = useDocument((state) => state.commit);
  const [pinning, setPinning] = useState<Point | null>(null);
  const frame = useStage((state) => state.frame);
  const recording = useStage((state) => state.recording);
  const corners = view.corners;
  // How the block's boxes lie, which is how it comes to rest.
  const angle = (Math.atan2(corners[1]!.y - corners[0]!.y, corners[1]!.x - corners[0]!.x) * 180) / Math.PI;
  const { rotation, scale: size } = block.place;
  /** Corners scale the block itself where that has keys or is to get one; else its type. */
  const scalesBlock = recording || keysOf(size) !== null;
  const middle = (a: number, b: number) => ({
    x: (corners[a]!.x + corners[b]!.x) / 2,
    y: (corners[a]!.y + corners[b]!.y) / 2,
  });
  const place = ({ across, down }: Handle): Point => {
    if (down === 0) return across < 0 ? middle(0, 3) : middle(1, 2);
    return corners[down < 0 ? (across < 0 ? 0 : 1) : across < 0 ? 3 : 2]!;
  };

  const dragging = useHandle(at, scale);
  const now = () => ({
    view,
    block,
    turn: valueNow(view, 'place/rotation', rotation, frame, 0),
    size: valueNow(view, 'place/scale', size, frame, 1),
  });

  const resize = (handle: Handle) =>
    dragging(
      now,
      (from, start, end) => {
        const turn = -angle;
        const held = from.view.pivot;
        const base = (point: Point) => {
          const straight = turned(point, held, turn);
          return { x: straight.x / fit, y: straight.y / fit };
        };
        const to = base(end);
        const origin = { x: held.x / fit, y: held.y / fit };
        if (scalesBlock && handle.down !== 0) {
          const was = base(start);
          const far = Math.hypot(was.x - origin.x, was.y - origin.y);
          const factor = far < 1 ? 1 : Math.hypot(to.x - origin.x, to.y - origin.y) / far;
          const value = Math.round(Math.max(0.01, Math.min(100, from.size * factor)) * 1000) / 1000;
          return [{ op: 'set', at: `${path}/place/scale`, value }];
        }
        if (handle.down === 0 && from.block.kind === 'text' && !from.block.setting.fit) {
          const across = { left: 0, centre: 0.5, right: 1 }[from.block.place.pivot?.across ?? 'centre'];
          const share = handle.across > 0 ? 1 - across : across;
          return share > 0 ? column(from.block, path, Math.abs(to.x - origin.x) / share) : [];
        }
        return resized(from.block, path, handle, origin, base(start), to);
      },
      { label: nameOf(handle), spot: place(handle) },
    );

  const turn = dragging(now, (from, start, end, event) => {
    const held = from.view.pivot;
    const direction = (point: Point) => (Math.atan2(point.y - held.y, point.x - held.x) * 180) / Math.PI;
    let by = direction(end) - direction(start);
    by = ((((by + 180) % 360) + 360) % 360) - 180;
    let degrees = from.turn + by;
    // Only a turn that goes on from key to key may pass half a round.
    if (typeof from.block.place.rotation === 'number' && !recording)
      degrees = ((((degrees + 180) % 360) + 360) % 360) - 180;
    const step = event.shiftKey ? 15 : 0.5;
    return [{ op: 'set', at: `${path}/place/rotation`, value: Math.round(degrees / step) * step }];
  });

  const turnByKey = (event: KeyboardEvent) => {
    const by = arrowOf(event);
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    const value = Math.round((now().turn + by.x - by.y) * 10) / 10;
    keep([{ op: 'set', at: `${path}/place/rotation`, value }], `turn ${path}`);
  };

  const nearest = (point: Point) =>
    view.pivots.reduce((best, one) =>
      Math.hypot(one.x - point.x, one.y - point.y) < Math.hypot(best.x - point.x, best.y - point.y)
        ? one
        : best,
    );
  const square = SQUARE / scale;
  const down = { x: corners[3]!.x - corners[0]!.x, y: corners[3]!.y - corners[0]!.y };
  const length = Math.hypot(down.x, down.y) || 1;
  const away = RING / scale / length;
  const wide = Math.hypot(corners[1]!.x - corners[0]!.x, corners[1]!.y - corners[0]!.y);
  const covering = Math.min(wide, length) * scale < LEAST_PINNED;
  // Above the block; under it where that would lie outside the picture.
  const over = middle(0, 1);
  const outside = over.y - down.y * away < 0;
  const top = outside ? middle(2, 3) : over;
  const ring = outside
    ? { x: top.x + down.x * away, y: top.y + down.y * away }
    : { x: top.x - down.x * away, y: top.y - down.y * away };
  const holds = (handle: Handle) => {
    const point = turned(place(handle), view.pivot, -angle);
    return Math.abs(point.x - view.pivot.x) * scale > 2 || (handle.down !== 0 && block.kind === 'text');
  };

  return (
    <g className="handles">
      <polygon
        className="chosen"
        points={corners.map((corner) => `${corner.x},${corner.y}`).join(' ')}
        strokeWidth={1 / scale}
      />
      {handlesOf(block)
        .filter(holds)
        .map((handle) => {
          const point = place(handle);
          return (
            <rect
              key={`${handle.across} ${handle.down}`}
              className="handle"
              data-handle={`${handle.across} ${handle.down}`}
              x={point.x - square / 2}
              y={point.y - square / 2}
              width={square}
              height={square}
              transform={`rotate(${angle} ${point.x} ${point.y})`}
              strokeWidth={1 / scale}
              {...resize(handle)}
            />
          );
        })}
      {!isPlate(block) && (
        <>
          <line className="stem" x1={top.x} y1={top.y} x2={ring.x} y2={ring.y} strokeWidth={1 / scale} />
          <circle
            className="ring"
            cx={ring.x}
            cy={ring.y}
            r={5 / scale}
            strokeWidth={1.5 / scale}
            {...turn}
            role="slider"
            tabIndex={0}
            aria-label="Turn of the block"
            aria-valuenow={now().turn}
            aria-valuetext={`${now().turn}°`}
            onKeyDown={turnByKey}
          >
            <title>Turn; Shift in steps of 15°</title>
          </circle>
        </>
      )}
      {pinning &&
        view.pivots.map((pivot, i) => (
          <circle key={i} className="pivotDot" cx={pivot.x} cy={pivot.y} r={3 / scale} />
        ))}
      <g
        className={`pin ${covering ? 'covering' : ''}`}
        transform={`translate(${(pinning ?? view.pivot).x} ${(pinning ?? view.pivot).y}) scale(${1 / scale})`}
        onPointerDown={(event) => {
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
          setPinning(view.pivot);
        }}
        onPointerMove={(event) => pinning && setPinning(nearest(at(event)))}
        onPointerUp={(event) => {
          if (pinning) commit(nearest(at(event)).operations as Operation[]);
          setPinning(null);
        }}
        onPointerCancel={() => setPinning(null)}
      >
        <circle className="grip" cy="-11" r="7" />
        <line x1="-9" x2="9" y1="0" y2="0" />
        <line x1="0" x2="0" y1="0" y2="-9" />
        <circle cy="-11" r="3.2" />
        <title>What the block is placed and turned by; drag it to another of its points</title>
      </g>
    </g>
  );
}
