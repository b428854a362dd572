import type { PointerEvent } from 'react';
import type { Block, BlockView } from '../api/client';
import { bent, type Which } from './bent';
import { useHandle, type Point } from './useHandle';

/** The block's free curve and where it lies in the document; null when it has none. */
function curveOf(block: Block, path: string) {
  if (block.kind === 'shape' && block.shape.kind === 'path')
    return { ...block.shape.curve, at: `${path}/shape/curve` };
  if (block.kind === 'text' && block.setting.path?.kind === 'free')
    return { ...block.setting.path.curve, at: `${path}/setting/path/curve` };
  return null;
}

/** The knots of a free curve and their handles, to be dragged. Alt bends one side alone. */
export function Knots({
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
  const drag = useHandle(at, scale);
  const curve = curveOf(block, path);
  const map = view.curve;
  if (!curve || !map) return null;
  const [a, b, c, d, e, f] = map as [number, number, number, number, number, number];
  const shown = (x: number, y: number) => ({ x: a * x + c * y + e, y: b * x + d * y + f });

  const dragging = (index: number, which: Which) =>
    drag(
      () => ({
        knots: curve.knots,
        map: [a, b, c, d] as const,
        // The curve is held where its pivot is now, so that only the dragged knot moves.
        hold: block.place.pivot?.hold ?? own([a, b, c, d], view.pivot.x - e, view.pivot.y - f),
      }),
      (held, from, to, event) => {
        const by = own(held.map, to.x - from.x, to.y - from.y);
        const value = held.knots.map((knot, i) =>
          i === index ? bent(knot, which, by.x, by.y, event.altKey) : knot,
        );
        return [
          { op: 'set', at: `${curve.at}/knots`, value },
          { op: 'set', at: `${path}/place/pivot/hold`, value: held.hold },
        ];
      },
    );
  return (
    <g className="knots">
      {curve.knots.map((knot, i) => {
        const point = shown(knot.x, knot.y);
        return (
          <g key={i}>
            {(['in', 'out'] as const).map((side) => {
              const [hx, hy] = side === 'in' ? [knot.inX, knot.inY] : [knot.outX, knot.outY];
              if (hx === 0 && hy === 0) return null;
              const end = shown(knot.x + hx, knot.y + hy);
              return (
                <g key={side}>
                  <line x1={point.x} y1={point.y} x2={end.x} y2={end.y} strokeWidth={1 / scale} />
                  <circle
                    cx={end.x}
                    cy={end.y}
                    r={4 / scale}
                    data-knot={`${i} ${side}`}
                    {...dragging(i, side)}
                  />
                </g>
              );
            })}
            <rect
              data-knot={`${i} knot`}
              x={point.x - 4 / scale}
              y={point.y - 4 / scale}
              width={8 / scale}
              height={8 / scale}
              {...dragging(i, 'knot')}
            />
          </g>
        );
      })}
    </g>
  );
}

/** A way in the frame as one in the curve's px. */
function own([a, b, c, d]: readonly [number, number, number, number], x: number, y: number): Point {
  const determinant = a * d - b * c;
  const round = (value: number) => Number(value.toFixed(2));
  return { x: round((d * x - c * y) / determinant), y: round((a * y - b * x) / determinant) };
}
