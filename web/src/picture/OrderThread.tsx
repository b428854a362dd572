import { memo } from 'react';
import type { BlockView } from '../api/client';

type Unit = BlockView['moves'][number]['units'][number];

/** A thread over the units in the order they take their turn: a knot at the first, an arrow at the last, line by line. */
export const OrderThread = memo(function OrderThread({ view, scale }: { view: BlockView; scale: number }) {
  const move = view.moves.find((one) => one.units.length > 1);
  if (!move) return null;
  const restarts = new Set(move.units.map((unit) => unit.rank)).size < move.units.length;
  const groups = new Map<number, Unit[]>();
  for (const unit of move.units) {
    const key = restarts ? Math.round(unit.box.top) : 0;
    groups.set(key, [...(groups.get(key) ?? []), unit]);
  }
  return (
    <g className="thread" strokeWidth={1.2 / scale}>
      {[...groups.entries()].map(([key, units]) => {
        const points = [...units].sort((a, b) => a.rank - b.rank).map((unit) => top(unit, scale));
        const first = points[0]!;
        const last = points.at(-1)!;
        return (
          <g key={key}>
            <circle cx={first.x} cy={first.y} r={4 / scale} />
            <path
              d={points
                .slice(1)
                .map((point, i) => arc(points[i]!, point))
                .join(' ')}
            />
            {points.length > 1 && (
              <path
                d={`M${last.x - 5 / scale} ${last.y - 7 / scale} L${last.x} ${last.y} L${last.x + 5 / scale} ${last.y - 7 / scale}`}
              />
            )}
          </g>
        );
      })}
    </g>
  );
});

function top(unit: Unit, scale: number) {
  return {
    x: (unit.box.left + unit.box.right) / 2,
    y: unit.box.top + (unit.box.bottom - unit.box.top) * 0.08 - 2 / scale,
  };
}

function arc(a: { x: number; y: number }, b: { x: number; y: number }): string {
  const lift = Math.min(140, Math.abs(b.x - a.x) * 0.16 + 10);
  return `M${a.x} ${a.y} Q${(a.x + b.x) / 2} ${Math.min(a.y, b.y) - lift} ${b.x} ${b.y}`;
}
