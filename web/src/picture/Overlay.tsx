import { useDeferredValue, useRef, useState, type PointerEvent } from 'react';
import type { BlockView, Format, Scene } from '../api/client';
import { arrowOf } from '../document/stepping';
import { useDocument } from '../document/store';
import { captionAt, captionsNow, isDressing } from '../document/captions';
import { useLive } from '../document/useLive';
import { useShallow } from 'zustand/react/shallow';
import { useStage, type StageState } from '../document/stage';
import { GhostHandles } from './AwayGhost';
import { GripHandles } from './GripHandles';
import { HandOrder } from './HandOrder';
import { Handles } from './Handles';
import { awayOf, home, isOn, leans, seen, transformOf, type Away } from './away';
import { Knots } from './Knots';
import { MotionWay } from './MotionWay';
import { moveBy } from './moving';
import { OrderPad } from './OrderPad';
import { OrderThread } from './OrderThread';
import { characterAt, OwnPieces } from './OwnPieces';
import { WordHold } from './WordHold';
import { WritingOver } from './WritingOver';
import { linesOf, linesToSnapTo, snapMove, type Snapped } from './snapping';

const REACH_PX = 6;

interface Drag {
  ids: string[];
  view: BlockView;
  /** Where it was taken, where the block's boxes lie. */
  x: number;
  y: number;
  away: Away | null;
  moved: boolean;
}

/** What lies over the picture: safe areas, the chosen blocks' boxes, pin and handles, the order thread. Dragging moves blocks. */
export function Overlay({ scene, format, scale }: { scene: Scene; format: Format; scale: number }) {
  const stage = useStage(
    useShallow((state) => ({
      page: state.page,
      frame: state.frame,
      playing: state.playing,
      block: state.block,
      others: state.others,
      alone: state.alone,
      word: state.word,
      editing: state.editing,
      writing: state.writing,
      hand: state.hand,
      recording: state.recording,
      bare: state.bare,
      safeAreas: state.safeAreas,
      orderThread: state.orderThread,
      set: state.set,
    })),
  );
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const drag = useRef<Drag | null>(null);
  const pressed = useRef<number | null>(null);
  /** A third click goes to the character. */
  const pressedPiece = useRef<StageState['piece']>(null);
  const self = useRef<SVGSVGElement>(null);
  const [snapped, setSnapped] = useState<Snapped | null>(null);
  const all = stage.page?.blocks ?? [];
  const safeAreas = stage.page?.safe ?? [];
  const views = all.filter((view) => stage.frame >= view.start && stage.frame < view.end);
  const chosen = all.find((view) => view.id === stage.block);
  const block = scene.blocks.find((one) => one.id === stage.block);
  const word = stage.word === null ? undefined : chosen?.words[stage.word];
  const threaded = useDeferredValue(chosen);
  const { width, height } = format;
  const fitted = stage.page?.fit;
  const fit = fitted?.scale ?? 1;
  // While a block's words are edited it is shown where it rests.
  const carried = (view: BlockView) => (stage.editing === view.id ? null : awayOf(view, stage.frame));
  const away = chosen ? carried(chosen) : null;
  const live = useLive(scene);
  const locked = (id: string) => scene.blocks.find((one) => one.id === id)?.locked ?? false;
  const ids = stage.block ? [stage.block, ...stage.others] : [];
  const loose = ids.filter((id) => !locked(id));

  const pointAt = (event: PointerEvent<SVGElement>) => {
    const box = self.current!.getBoundingClientRect();
    return { x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale };
  };
  /** The pointer where the chosen block's boxes lie. */
  const homeAt = (event: PointerEvent<SVGElement>) => home(away, pointAt(event));
  const isLeftOut = (id: string) => stage.alone.length > 0 && !stage.alone.includes(id);
  const hit = (x: number, y: number) =>
    [...views]
      .reverse()
      .sort((a, b) => area(a) - area(b))
      .find((view) => !locked(view.id) && !isLeftOut(view.id) && isOn(view, carried(view), { x, y }));
  const moveTo = (event: PointerEvent<SVGElement>) => {
    const from = drag.current!;
    const to = home(from.away, pointAt(event));
    let [dx, dy] = [to.x - from.x, to.y - from.y];
    if (event.shiftKey) [dx, dy] = Math.abs(dx) > Math.abs(dy) ? [dx, 0] : [0, dy];
    const others = views.filter((view) => !from.ids.includes(view.id));
    const reach = event.altKey ? 0 : REACH_PX / scale;
    const safe = safeAreas.at(-1);
    const lines = linesToSnapTo(format, others, safe);
    const met = snapMove(linesOf(from.view), lines, dx, dy, reach);
    if (event.shiftKey && dx === 0) Object.assign(met, { dx: 0, x: null });
    if (event.shiftKey && dy === 0) Object.assign(met, { dy: 0, y: null });
    const grain = met.x === null && met.y === null ? 1 : 0.01;
    const operations = from.ids.flatMap((id) =>
      moveBy(scene, id, met.dx, met.dy, fitted!, grain, stage.recording),
    );
    return { met, operations };
  };

  return (
    <svg
      ref={self}
      className={`overlay ${stage.bare ? 'bare' : ''}`}
      tabIndex={0}
      aria-label="The picture; arrow keys move the chosen block"
      onKeyDown={(event) => {
        const by = arrowOf(event);
        if (!by || !fitted || loose.length === 0) return;
        event.preventDefault();
        event.stopPropagation();
        const operations = loose.flatMap((id) =>
          moveBy(scene, id, by.x * fit, by.y * fit, fitted, 0.1, stage.recording),
        );
        commit(operations, `nudge ${loose.join(' ')}`);
      }}
      viewBox={`0 0 ${width} ${height}`}
      onPointerDown={(event) => {
        const { x, y } = pointAt(event);
        const view = hit(x, y);
        event.currentTarget.focus({ preventScroll: true });
        if (event.shiftKey && view && stage.block && view.id !== stage.block) {
          const without = stage.others.filter((id) => id !== view.id);
          stage.set({ others: without.length < stage.others.length ? without : [...stage.others, view.id] });
          return;
        }
        const kept = view && ids.includes(view.id);
        // A second click goes to the word under it.
        const own = home(away, { x, y });
        // What dresses captions has no words of its own to be styled.
        const dresses = view !== undefined && isDressing(scene, view.id);
        pressed.current = kept && view.id === stage.block && !dresses ? wordAt(view, own.x, own.y) : null;
        pressedPiece.current =
          view && pressed.current !== null && pressed.current === stage.word
            ? characterAt(view, own.x, own.y)
            : null;
        const caption = dresses ? captionAt(captionsNow(), stage.frame)?.id : undefined;
        if (!kept) stage.set({ block: view?.id ?? null, others: [], ...(caption ? { caption } : {}) });
        // The other buttons choose, and drag nothing.
        if (view && event.button === 0) {
          event.currentTarget.setPointerCapture(event.pointerId);
          // All is counted from where things were when they were taken: what is dragged carries its path along.
          const taken = kept ? loose : [view.id];
          const held = carried(view);
          drag.current = { ids: taken, view, ...home(held, { x, y }), away: held, moved: false };
        }
      }}
      onPointerMove={(event) => {
        const from = drag.current;
        if (!from) return;
        const to = home(from.away, pointAt(event));
        if (!from.moved && Math.hypot(to.x - from.x, to.y - from.y) * scale < 3) return;
        from.moved = true;
        const { met, operations } = moveTo(event);
        setSnapped(met);
        preview(operations);
      }}
      onPointerUp={(event) => {
        if (drag.current?.moved) commit(moveTo(event).operations);
        else if (drag.current) stage.set({ word: pressed.current, piece: pressedPiece.current });
        drag.current = null;
        setSnapped(null);
      }}
      onPointerCancel={() => {
        drag.current = null;
        setSnapped(null);
        preview([]);
      }}
    >
      {stage.safeAreas &&
        !stage.playing &&
        safeAreas.map((safe, index) => (
          <rect
            key={index}
            className="safe"
            x={(width * safe.left) / 100}
            y={(height * safe.top) / 100}
            width={(width * (100 - safe.left - safe.right)) / 100}
            height={(height * (100 - safe.top - safe.bottom)) / 100}
            strokeWidth={1 / scale}
          />
        ))}
      {!stage.playing &&
        all
          .filter((view) => stage.others.includes(view.id))
          .map((view) => (
            <polygon
              key={view.id}
              className="chosen"
              points={view.corners.map((corner) => `${corner.x},${corner.y}`).join(' ')}
              strokeWidth={1 / scale}
            />
          ))}
      {snapped && snapped.x !== null && (
        <line className="snap" x1={snapped.x} x2={snapped.x} y1="0" y2={height} strokeWidth={1 / scale} />
      )}
      {snapped && snapped.y !== null && (
        <line className="snap" x1="0" x2={width} y1={snapped.y} y2={snapped.y} strokeWidth={1 / scale} />
      )}
      {chosen && away && leans(away) && !stage.playing && (
        // In perspective there is nothing to be taken hold of; it is shown where it is.
        <polygon
          className="chosen"
          points={seen(away, chosen.corners)
            .map((corner) => `${corner.x},${corner.y}`)
            .join(' ')}
          strokeWidth={1 / scale}
        />
      )}
      {chosen && block && !leans(away) && !stage.playing && (
        <g transform={transformOf(away)}>
          {stage.writing === null && (
            <>
              {stage.orderThread && <OrderThread view={threaded ?? chosen} scale={scale} />}
              {!block.locked && (
                <Handles
                  block={block}
                  view={chosen}
                  path={`scenes/${scene.id}/blocks/${block.id}`}
                  scale={scale}
                  fit={fit}
                  at={homeAt}
                />
              )}
              {!block.locked && (
                <Knots
                  block={block}
                  view={chosen}
                  path={`scenes/${scene.id}/blocks/${block.id}`}
                  scale={scale}
                  at={homeAt}
                />
              )}
              {!block.locked && <GripHandles scene={scene.id} view={chosen} scale={scale} at={homeAt} />}
              {word && block.kind === 'text' && !block.setting.path && (
                <WordHold
                  block={block}
                  word={word}
                  path={`scenes/${scene.id}/blocks/${block.id}`}
                  scale={scale}
                  fit={fit}
                  at={homeAt}
                  pick={({ x, y }) => stage.set({ piece: characterAt(chosen, x, y) })}
                />
              )}
              {stage.hand && <HandOrder view={chosen} scale={scale} />}
              <OrderPad view={chosen} scale={scale} at={homeAt} />
              <OwnPieces view={chosen} scale={scale} />
            </>
          )}
          <WritingOver block={block.id} scale={scale} at={homeAt} />
          <GhostHandles view={chosen} scale={scale} fit={fit} at={homeAt} />
        </g>
      )}
      {chosen && block && !stage.playing && (
        // Over the pin, which lies on the point that the block is at.
        <MotionWay
          block={live.blocks.find((one) => one.id === block.id) ?? block}
          view={chosen}
          path={`scenes/${scene.id}/blocks/${block.id}`}
          scale={scale}
          at={pointAt}
        />
      )}
    </svg>
  );
}

/** The word whose box holds the point; null when there is none. */
function wordAt(view: BlockView, x: number, y: number): number | null {
  const index = view.words.findIndex(({ corners }) =>
    corners.every((corner, i) => {
      const next = corners[(i + 1) % 4]!;
      return (next.x - corner.x) * (y - corner.y) - (next.y - corner.y) * (x - corner.x) >= 0;
    }),
  );
  return index < 0 ? null : index;
}

const area = (view: BlockView) =>
  (view.restBox.right - view.restBox.left) * (view.restBox.bottom - view.restBox.top);
