import { memo, useCallback, useEffect, useRef, type PointerEvent } from 'react';
import type { BlockView, Format, Scene } from '../api/client';
import { moveAt } from '../document/finding';
import { useDocument } from '../document/store';
import { useLive } from '../document/useLive';
import { useStage } from '../document/stage';
import { usePicture } from '../painter/usePicture';
import { ghostOf, posed, poseOf, type Move } from './posing';
import { useHandle, type Point } from './useHandle';

interface Room {
  scene: Scene;
  format: Format;
  width: number;
  height: number;
}

/** The away pose of a move as a ghost over the picture. */
export const AwayGhost = memo(function AwayGhost(room: Room) {
  const posing = useStage((state) => state.posing);
  return posing && <Ghost {...room} posing={posing} />;
});

function Ghost({ scene: kept, format, width, height, posing }: Room & { posing: string }) {
  const scene = useLive(kept);
  const canvas = useRef<HTMLCanvasElement>(null);
  const show = useRef(() => undefined as void);
  const picture = usePicture(
    canvas,
    useCallback(() => show.current(), []),
    useCallback(() => undefined, []),
    'thumbnail',
  );
  const project = useDocument((state) => state.id);
  const block = scene.blocks.find((one) => posing.startsWith(`scenes/${scene.id}/blocks/${one.id}/`));
  const move = moveAt({ scenes: [scene] }, posing) as Move | undefined;
  useEffect(() => {
    if (!picture || !block || !move) return;
    show.current = () => {
      if (picture.show(0) && canvas.current) canvas.current.dataset.shown = 'ghost';
    };
    const { base, unsaved } = useDocument.getState();
    const at = `scenes/${scene.id}`;
    picture.frames.use(
      {
        project,
        base,
        operations: [
          ...unsaved,
          { op: 'set', at: `${at}/blocks`, value: [alone(ghostOf(block, move))] },
          { op: 'set', at: `${at}/background`, value: { kind: 'none' } },
          { op: 'set', at: `${at}/formats`, value: [{ ...format, overrides: [] }] },
          { op: 'set', at: `${at}/camera`, value: null },
        ],
        scene: scene.id,
        format: format.id,
        resting: null,
        length: 1,
        piece: 1,
      },
      0,
    );
  }, [picture, block, move, project, scene.id, format]);
  return (
    <canvas ref={canvas} className="awayGhost" width={width} height={height} style={{ width, height }} />
  );
}

/** What a block hangs on is not there beside its ghost. */
const alone = <B extends { place: { attach?: unknown; follow?: unknown } }>(block: B): B => ({
  ...block,
  place: { ...block.place, attach: undefined, follow: undefined },
});

/** The box of the ghost: dragged, turned by its ring and scaled by its corner, the sentence rewrites itself. */
export function GhostHandles({
  scene: kept,
  view,
  scale,
  fit,
  at,
}: {
  scene: Scene;
  view: BlockView;
  scale: number;
  fit: number;
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const posing = useStage((state) => state.posing);
  const scene = useLive(kept);
  const drag = useHandle(at, scale);
  const block = scene.blocks.find((one) => one.id === view.id);
  const move = posing ? (moveAt({ scenes: [scene] }, posing) as Move | undefined) : undefined;
  if (!posing || !move || !block) return null;
  const base = scene.formats[0]!;
  const measures = { em: view.em, line: view.lineHeight, width: base.width, height: base.height };
  const pose = poseOf(move, measures);
  const { left, right, top, bottom } = view.restBox;
  const [dx, dy] = [pose.x * fit, pose.y * fit];
  const middle = { x: (left + right) / 2 + dx, y: (top + bottom) / 2 + dy };
  const held = () => ({ pose, middle, move });
  const go = drag(held, (now, from, to) =>
    posed(
      now.move,
      {
        ...now.pose,
        x: now.pose.x + (to.x - from.x) / fit,
        y: now.pose.y + (to.y - from.y) / fit,
      },
      measures,
      posing,
    ),
  );
  const turn = drag(held, (now, from, to) => {
    const angle = (point: Point) =>
      (Math.atan2(point.y - now.middle.y, point.x - now.middle.x) * 180) / Math.PI;
    return posed(
      now.move,
      { ...now.pose, turn: Math.round(now.pose.turn + angle(to) - angle(from)) },
      measures,
      posing,
    );
  });
  const grow = drag(held, (now, from, to) => {
    const far = (point: Point) => Math.hypot(point.x - now.middle.x, point.y - now.middle.y) || 1;
    const factor = (now.pose.scale * far(to)) / far(from);
    return posed(now.move, { ...now.pose, scale: Math.max(0, Math.min(20, factor)) }, measures, posing);
  });
  return (
    <g className="ghostHandles">
      <rect
        data-ghost="box"
        x={left + dx}
        y={top + dy}
        width={right - left}
        height={bottom - top}
        strokeWidth={1.2 / scale}
        strokeDasharray={`${5 / scale} ${4 / scale}`}
        {...go}
      />
      <line
        x1={(left + right) / 2}
        y1={(top + bottom) / 2}
        x2={middle.x}
        y2={middle.y}
        strokeWidth={1 / scale}
      />
      <circle data-ghost="turn" cx={middle.x} cy={top + dy - 18 / scale} r={5 / scale} {...turn} />
      <rect
        data-ghost="scale"
        className="corner"
        x={right + dx - 5 / scale}
        y={bottom + dy - 5 / scale}
        width={10 / scale}
        height={10 / scale}
        {...grow}
      />
    </g>
  );
}
