import type { PointerEvent } from 'react';
import type { BlockView, Intent } from '../api/client';
import { useStage } from '../document/stage';
import { useHandle, type Point } from './useHandle';

/** What of the chosen block is dragged beside its box: light that falls, places in it, the colours of its gradient. */
export function GripHandles({
  scene,
  view,
  scale,
  at,
}: {
  scene: string;
  view: BlockView;
  scale: number;
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const format = useStage((state) => state.format);
  const drag = useHandle(at, scale);
  return (
    <g className="grips">
      {view.grips.map(({ id, label, from, at: spot, colour }) => (
        <g key={id}>
          {from && <line x1={from.x} y1={from.y} x2={spot.x} y2={spot.y} strokeWidth={1 / scale} />}
          <circle
            data-spot={id}
            cx={spot.x}
            cy={spot.y}
            r={5 / scale}
            strokeWidth={1.5 / scale}
            style={colour ? { fill: colour } : undefined}
            {...drag(
              () => spot,
              (held, pressed, to): Intent => ({
                kind: 'dragGrip',
                scene,
                format,
                block: view.id,
                grip: id,
                x: held.x + to.x - pressed.x,
                y: held.y + to.y - pressed.y,
              }),
              { label, spot },
            )}
          />
        </g>
      ))}
    </g>
  );
}
