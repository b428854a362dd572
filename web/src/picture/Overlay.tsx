import { memo, useDeferredValue, useRef, type PointerEvent } from 'react';
import type { BlockView, Format, Operation, Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { moveBy } from './moving';

const ARROWS: Record<string, [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

type Unit = BlockView['moves'][number]['units'][number];

/** What lies over the picture: safe areas, the selected block's box and pin, the order thread. Dragging moves a block. */
export function Overlay({ scene, format, scale }: { scene: Scene; format: Format; scale: number }) {
  const stage = useStage();
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const drag = useRef<{ id: string; x: number; y: number; moved: boolean } | null>(null);
  const views = (stage.page?.blocks ?? []).filter(
    (view) => stage.frame >= view.start && stage.frame < view.end,
  );
  const chosen = stage.page?.blocks.find((view) => view.id === stage.block);
  const threaded = useDeferredValue(chosen);
  const { width, height } = format;
  const fit = stage.page?.fit.scale ?? 1;

  const pointAt = (event: PointerEvent<SVGSVGElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    return { x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale };
  };
  const hit = (x: number, y: number) =>
    [...views]
      .reverse()
      .sort((a, b) => area(a) - area(b))
      .find(
        (view) =>
          x >= view.restBox.left &&
          x <= view.restBox.right &&
          y >= view.restBox.top &&
          y <= view.restBox.bottom,
      );
  const operations = (event: PointerEvent<SVGSVGElement>): Operation[] => {
    const from = drag.current!;
    const to = pointAt(event);
    let [dx, dy] = [to.x - from.x, to.y - from.y];
    if (event.shiftKey) [dx, dy] = Math.abs(dx) > Math.abs(dy) ? [dx, 0] : [0, dy];
    return moveBy(scene, from.id, dx, dy, format, fit);
  };

  return (
    <svg
      className="overlay"
      tabIndex={0}
      aria-label="The picture; arrow keys move the chosen block"
      onKeyDown={(event) => {
        const way = ARROWS[event.key];
        if (!way || !stage.block || event.ctrlKey || event.metaKey) return;
        event.preventDefault();
        event.stopPropagation();
        const step = event.shiftKey ? 10 : event.altKey ? 0.1 : 1;
        commit(
          moveBy(scene, stage.block, way[0] * step * fit, way[1] * step * fit, format, fit, 0.1),
          `nudge ${stage.block}`,
        );
      }}
      viewBox={`0 0 ${width} ${height}`}
      onPointerDown={(event) => {
        const { x, y } = pointAt(event);
        const view = hit(x, y);
        stage.set({ block: view?.id ?? null });
        event.currentTarget.focus({ preventScroll: true });
        if (view) {
          event.currentTarget.setPointerCapture(event.pointerId);
          drag.current = { id: view.id, x, y, moved: false };
        }
      }}
      onPointerMove={(event) => {
        const from = drag.current;
        if (!from) return;
        const to = pointAt(event);
        if (!from.moved && Math.hypot(to.x - from.x, to.y - from.y) * scale < 3) return;
        from.moved = true;
        preview(operations(event));
      }}
      onPointerUp={(event) => {
        if (drag.current?.moved) commit(operations(event));
        drag.current = null;
      }}
      onPointerCancel={() => {
        drag.current = null;
        preview([]);
      }}
    >
      {stage.safeAreas &&
        !stage.playing &&
        [0.93, 0.9].map((part) => (
          <rect
            key={part}
            className="safe"
            x={(width * (1 - part)) / 2}
            y={(height * (1 - part)) / 2}
            width={width * part}
            height={height * part}
            strokeWidth={1 / scale}
          />
        ))}
      {chosen && !stage.playing && (
        <>
          <rect
            className="chosen"
            x={chosen.restBox.left}
            y={chosen.restBox.top}
            width={chosen.restBox.right - chosen.restBox.left}
            height={chosen.restBox.bottom - chosen.restBox.top}
            strokeWidth={1 / scale}
          />
          <g className="pin" transform={`translate(${chosen.pivot.x} ${chosen.pivot.y}) scale(${1 / scale})`}>
            <line x1="-9" x2="9" y1="0" y2="0" />
            <line x1="0" x2="0" y1="0" y2="-9" />
            <circle cy="-11" r="3.2" />
          </g>
          {stage.orderThread && <Thread view={threaded ?? chosen} scale={scale} />}
        </>
      )}
    </svg>
  );
}

const area = (view: BlockView) =>
  (view.restBox.right - view.restBox.left) * (view.restBox.bottom - view.restBox.top);

/** A thread over the units in the order they take their turn: a knot at the first, an arrow at the last, line by line. */
const Thread = memo(function Thread({ view, scale }: { view: BlockView; scale: number }) {
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
