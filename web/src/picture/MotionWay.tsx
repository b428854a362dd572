import type { PointerEvent } from 'react';
import type { Block, BlockView } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { awayOf, isOn } from './away';
import { bent, type Which } from './bent';
import { useHandle, type Point } from './useHandle';
import { editOrSay } from '../document/edit';
import { knotOf } from './way';

/**
 * The path that a block travels: points and handles to be dragged, and a dot for every frame. Alt bends one side alone, or
 * pulls handles out of a point; a double click makes or removes a point.
 */
export function MotionWay({
  block,
  view,
  path,
  scale,
  at,
}: {
  block: Block;
  view: BlockView;
  path: string;
  scale: number;
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const frame = useStage((state) => state.frame);
  const fit = useStage((state) => state.page?.fit);
  const commit = useDocument((state) => state.commit);
  const drag = useHandle(at, scale);
  const way = block.place.way;
  if (!way || !fit) return null;
  const own = `${path}/place/way`;
  const shown = (x: number, y: number) => ({ x: x * fit.scale + fit.left, y: y * fit.scale + fit.top });
  const base = (point: Point) => ({
    x: (point.x - fit.left) / fit.scale,
    y: (point.y - fit.top) / fit.scale,
  });
  const stops = way.stops.map(knotOf);

  const spotOf = (index: number, which: Which) => {
    const { x, y, inX, inY, outX, outY } = stops[index]!;
    return which === 'knot'
      ? shown(x, y)
      : which === 'in'
        ? shown(x + inX, y + inY)
        : shown(x + outX, y + outY);
  };
  const dragging = (index: number, which: Which) =>
    drag(
      () => stops[index]!,
      (held, from, to, event) => {
        const [dx, dy] = [(to.x - from.x) / fit.scale, (to.y - from.y) / fit.scale];
        const pulled = which === 'knot' && event.altKey;
        const value = pulled
          ? {
              ...held,
              inX: -Math.round(dx),
              inY: -Math.round(dy),
              outX: Math.round(dx),
              outY: Math.round(dy),
            }
          : bent(held, which, dx, dy, event.altKey);
        return [{ op: 'set', at: `${own}/stops/${held.id}`, value }];
      },
      {
        label: which === 'knot' ? `Point ${index + 1} of the path` : `Handle of point ${index + 1}`,
        spot: spotOf(index, which),
      },
    );
  const line = stops
    .map((stop, i) => {
      const to = shown(stop.x, stop.y);
      if (i === 0) return `M${to.x} ${to.y}`;
      const before = stops[i - 1]!;
      const one = shown(before.x + before.outX, before.y + before.outY);
      const two = shown(stop.x + stop.inX, stop.y + stop.inY);
      return `C${one.x} ${one.y} ${two.x} ${two.y} ${to.x} ${to.y}`;
    })
    .join(' ');
  const dots = view.travel?.dots ?? [];
  const now = dots[Math.max(0, Math.min(dots.length - 1, frame - (view.travel?.first ?? 0)))];
  return (
    <g className="motionWay">
      <path
        className="grip"
        d={line}
        strokeWidth={12 / scale}
        onPointerDown={(event) => {
          // The block itself lies on its path, and is dragged there as anywhere.
          if (!isOn(view, awayOf(view, frame), at(event))) event.stopPropagation();
        }}
        onDoubleClick={(event) => {
          const point = base(at(event as unknown as PointerEvent<SVGElement>));
          const [, scene = '', , id = ''] = path.split('/');
          editOrSay({ kind: 'addPathPoint', scene, format: useStage.getState().format, block: id, ...point });
        }}
      />
      <path className="line" d={line} strokeWidth={1.2 / scale} />
      {dots.map(
        (dot, i) =>
          (i === 0 || dot.x !== dots[i - 1]!.x || dot.y !== dots[i - 1]!.y) && (
            <circle key={i} className="dot" cx={dot.x} cy={dot.y} r={1.6 / scale} />
          ),
      )}
      {stops.map((stop, i) => {
        const point = shown(stop.x, stop.y);
        const timed = stop.at !== undefined && stop.at !== null;
        return (
          <g key={stop.id}>
            {(['in', 'out'] as const).map((side) => {
              const [hx, hy] = side === 'in' ? [stop.inX, stop.inY] : [stop.outX, stop.outY];
              if (hx === 0 && hy === 0) return null;
              const end = shown(stop.x + hx, stop.y + hy);
              return (
                <g key={side}>
                  <line x1={point.x} y1={point.y} x2={end.x} y2={end.y} strokeWidth={1 / scale} />
                  <circle
                    className="handle"
                    cx={end.x}
                    cy={end.y}
                    r={4 / scale}
                    strokeWidth={1.2 / scale}
                    data-stop={`${stop.id} ${side}`}
                    {...dragging(i, side)}
                  />
                </g>
              );
            })}
            <rect
              className={timed ? 'timed' : 'passed'}
              data-stop={stop.id}
              x={point.x - 5 / scale}
              y={point.y - 5 / scale}
              width={10 / scale}
              height={10 / scale}
              rx={timed ? 0 : 5 / scale}
              strokeWidth={1.4 / scale}
              {...dragging(i, 'knot')}
              onDoubleClick={() => {
                if (i > 0 && i < stops.length - 1) commit([{ op: 'remove', at: `${own}/stops/${stop.id}` }]);
              }}
            >
              <title>
                {timed ? `${stop.at} frames, ${stop.anchor ?? 'start'}` : 'passed at an even speed'}
              </title>
            </rect>
          </g>
        );
      })}
      {now && <circle className="now" cx={now.x} cy={now.y} r={4 / scale} strokeWidth={1.5 / scale} />}
    </g>
  );
}
