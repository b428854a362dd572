import { memo, useCallback, useEffect, useRef, useState, type PointerEvent } from 'react';
import type { BlockView, Format, Scene } from '../api/client';
import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { lookOf } from '../document/wishes';
import { usePicture } from '../painter/usePicture';
import { posedMove, posing, type Pose } from './posing';
import { useHandle, type Point } from './useHandle';

interface Room {
  scene: Scene;
  format: Format;
  width: number;
  height: number;
}

/** The away pose of a move as a ghost over the picture. */
export const AwayGhost = memo(function AwayGhost(room: Room) {
  const path = useStage((state) => state.posing);
  return path && <Ghost {...room} posing={path} />;
});

function Ghost({ scene, format, width, height, posing: path }: Room & { posing: string }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const show = useRef(() => undefined as void);
  const picture = usePicture(
    canvas,
    useCallback(() => show.current(), []),
    useCallback(() => undefined, []),
    'software',
  );
  const project = useDocument((state) => state.id);
  const live = useDocument((state) => state.live);
  const gesture = useDocument((state) => state.gesture);
  const pending = useDocument((state) => state.pending);
  useEffect(() => {
    if (!picture) return;
    show.current = () => {
      if (picture.show(0) && canvas.current) canvas.current.dataset.shown = 'ghost';
    };
    const draft = draftNow();
    const ghost = lookOf({ kind: 'showAway', ...posedMove(path) });
    picture.frames.use(
      {
        project,
        ...draft,
        wishes: [...draft.wishes, ghost],
        scene: scene.id,
        format: format.id,
        resting: null,
        length: 1,
        piece: 1,
      },
      0,
    );
  }, [picture, path, project, scene, format, live, gesture, pending]);
  return (
    <canvas ref={canvas} className="awayGhost" width={width} height={height} style={{ width, height }} />
  );
}

/** The box of the ghost: dragged, turned by its ring and scaled by its corner, the sentence rewrites itself. */
export function GhostHandles({
  view,
  scale,
  fit,
  at,
}: {
  view: BlockView;
  scale: number;
  fit: number;
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const path = useStage((state) => state.posing);
  const drag = useHandle(at, scale);
  const [pulled, setPulled] = useState<{ from: Pose; pose: Pose } | null>(null);
  const asked = useDocument((state) => {
    const intent = (state.gesture ?? state.pending.at(-1)?.wish)?.intent;
    return intent?.kind === 'poseMove' ? intent.pose : null;
  });
  const own = path ? posedMove(path) : null;
  const told = view.moves.find((one) => own?.move === one.id && own.phase === one.phase)?.pose;
  if (!path || !told || own?.block !== view.id) return null;
  // What is dragged stands where it is dragged, until its pose is told anew.
  const pose = asked ?? (pulled && same(pulled.from, told) ? pulled.pose : told);
  const { left, right, top, bottom } = view.restBox;
  const [dx, dy] = [pose.x * fit, pose.y * fit];
  const middle = { x: (left + right) / 2 + dx, y: (top + bottom) / 2 + dy };
  const held = () => ({ pose, middle });
  const to = (next: Pose) => {
    setPulled({ from: told, pose: next });
    return posing(path, next);
  };
  const go = drag(held, ({ pose: was }, from, now) =>
    to({ ...was, x: was.x + (now.x - from.x) / fit, y: was.y + (now.y - from.y) / fit }),
  );
  const turn = drag(held, (was, from, now) => {
    const angle = (point: Point) =>
      (Math.atan2(point.y - was.middle.y, point.x - was.middle.x) * 180) / Math.PI;
    return to({ ...was.pose, turn: Math.round(was.pose.turn + angle(now) - angle(from)) });
  });
  const grow = drag(held, (was, from, now) => {
    const far = (point: Point) => Math.hypot(point.x - was.middle.x, point.y - was.middle.y) || 1;
    return to({ ...was.pose, scale: (was.pose.scale * far(now)) / far(from) });
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

const same = (one: Pose, other: Pose) =>
  one.x === other.x && one.y === other.y && one.turn === other.turn && one.scale === other.scale;
