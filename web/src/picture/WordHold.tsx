import { useRef, type PointerEvent } from 'react';
import type { BlockView, Intent, TextBlock } from '../api/client';
import { useHandle, type Point } from './useHandle';

type Placed = Pick<NonNullable<TextBlock['placed']>[number], 'x' | 'y' | 'rotation' | 'scale'>;

/** The chosen word of a block: dragged to a resting place of its own, turned by its ring. */
export function WordHold({
  block,
  word,
  path,
  scale,
  fit,
  at,
  pick,
}: {
  block: TextBlock;
  word: BlockView['words'][number];
  path: string;
  scale: number;
  fit: number;
  at: (event: PointerEvent<SVGElement>) => Point;
  /** A click that does not drag goes to the character under it. */
  pick: (point: Point) => void;
}) {
  const pressed = useRef<Point | null>(null);
  const corners = word.corners;
  const middle = {
    x: corners.reduce((sum, corner) => sum + corner.x, 0) / 4,
    y: corners.reduce((sum, corner) => sum + corner.y, 0) / 4,
  };
  const turn = typeof block.place.rotation === 'number' ? block.place.rotation : 0;

  const drag = useHandle(at, scale);
  const dragging = (change: (placed: Placed, from: Point, to: Point, middle: Point) => Placed) =>
    drag(
      () => ({ placed: placedOf(block, word), middle }),
      (held, from, to): Intent => {
        const { x, y, rotation, scale: size } = change(held.placed, from, to, held.middle);
        return {
          kind: 'placeWord',
          scene: path.split('/')[1]!,
          block: block.id,
          from: word.from,
          to: word.to,
          x,
          y,
          rotation,
          scale: size,
        };
      },
    );
  const move = dragging((placed, from, to) => {
    const angle = (-turn * Math.PI) / 180;
    const [dx, dy] = [(to.x - from.x) / fit, (to.y - from.y) / fit];
    return {
      ...placed,
      x: Math.round(placed.x + dx * Math.cos(angle) - dy * Math.sin(angle)),
      y: Math.round(placed.y + dx * Math.sin(angle) + dy * Math.cos(angle)),
    };
  });
  const rotate = dragging((placed, from, to, about) => {
    const direction = (point: Point) => (Math.atan2(point.y - about.y, point.x - about.x) * 180) / Math.PI;
    return { ...placed, rotation: Math.round(placed.rotation + direction(to) - direction(from)) };
  });
  const size = dragging((placed, from, to, about) => {
    const length = (point: Point) => Math.hypot(point.x - about.x, point.y - about.y) || 1;
    const grown = (placed.scale * length(to)) / length(from);
    return { ...placed, scale: Number(Math.max(0.05, Math.min(20, grown)).toFixed(2)) };
  });
  const top = { x: (corners[0]!.x + corners[1]!.x) / 2, y: (corners[0]!.y + corners[1]!.y) / 2 };
  const away = Math.hypot(top.x - middle.x, top.y - middle.y) || 1;
  const reach = 1 + 20 / scale / away;
  return (
    <g
      className="wordHold"
      onPointerDownCapture={(event: PointerEvent<SVGElement>) => {
        pressed.current = at(event);
      }}
      onPointerUpCapture={(event: PointerEvent<SVGElement>) => {
        const [from, to] = [pressed.current, at(event)];
        if (from && Math.hypot(to.x - from.x, to.y - from.y) * scale < 3) pick(to);
      }}
    >
      <polygon
        points={corners.map((corner) => `${corner.x},${corner.y}`).join(' ')}
        strokeWidth={1.5 / scale}
        {...move}
      />
      <circle
        className="ring"
        cx={middle.x + (top.x - middle.x) * reach}
        cy={middle.y + (top.y - middle.y) * reach}
        r={4.5 / scale}
        strokeWidth={1.5 / scale}
        {...rotate}
      />
      <rect
        className="handle"
        x={corners[2]!.x - 3.5 / scale}
        y={corners[2]!.y - 3.5 / scale}
        width={7 / scale}
        height={7 / scale}
        strokeWidth={1 / scale}
        {...size}
      />
    </g>
  );
}

/** How the word lies beside where it would stand in its line. */
function placedOf(block: TextBlock, word: { from: number; to: number }): Placed {
  const there = block.placed?.find((one) => word.from >= one.from && word.from < one.to);
  return there ?? { x: 0, y: 0, rotation: 0, scale: 1 };
}
