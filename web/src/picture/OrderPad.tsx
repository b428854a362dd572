import type { PointerEvent } from 'react';
import type { BlockView } from '../api/client';
import { useStage } from '../document/stage';
import { useHandle, type Point } from './useHandle';

/** The angle of an order as an arrow over the block, or the point it goes out from as a target; both to be dragged. */
export function OrderPad({
  view,
  scale,
  at,
}: {
  view: BlockView;
  scale: number;
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const pad = useStage((state) => state.pad);
  const drag = useHandle(at, scale);
  if (!pad?.at.includes(`/blocks/${view.id}/`)) return null;
  const { left, right, top, bottom } = view.restBox;
  const [width, height] = [right - left || 1, bottom - top || 1];
  const middle = { x: (left + right) / 2, y: (top + bottom) / 2 };
  if (pad.angle !== undefined) {
    const reach = Math.max(60 / scale, Math.min(width, height) * 0.6);
    const [dx, dy] = [Math.cos((pad.angle * Math.PI) / 180), Math.sin((pad.angle * Math.PI) / 180)];
    const turn = drag(
      () => middle,
      (held, _, to) => [
        {
          op: 'set',
          at: pad.at,
          value: Math.round((Math.atan2(to.y - held.y, to.x - held.x) * 180) / Math.PI),
        },
      ],
    );
    return (
      <g className="orderPad">
        <line
          x1={middle.x - dx * reach}
          y1={middle.y - dy * reach}
          x2={middle.x + dx * reach}
          y2={middle.y + dy * reach}
          strokeWidth={1.5 / scale}
        />
        <circle
          data-pad="angle"
          cx={middle.x + dx * reach}
          cy={middle.y + dy * reach}
          r={7 / scale}
          strokeWidth={1.5 / scale}
          {...turn}
        />
      </g>
    );
  }
  const round = (value: number) => Math.round(value * 100) / 100;
  const put = drag(
    () => null,
    (_, __, to) => [
      { op: 'set', at: pad.at, value: { x: round((to.x - left) / width), y: round((to.y - top) / height) } },
    ],
  );
  const point = { x: left + (pad.x ?? 0.5) * width, y: top + (pad.y ?? 0.5) * height };
  return (
    <g className="orderPad">
      <circle className="ring" cx={point.x} cy={point.y} r={18 / scale} strokeWidth={1 / scale} />
      <circle data-pad="point" cx={point.x} cy={point.y} r={7 / scale} strokeWidth={1.5 / scale} {...put} />
    </g>
  );
}
