import { useDeferredValue, useLayoutEffect, useRef, useState, type PointerEvent } from 'react';
import type { BlockView, NumberControl, Operation, Scene } from '../api/client';
import { numberOperations } from '../document/edits';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { HatchPatterns } from './HatchPatterns';
import { laneHeight, unitNote, unitRows } from './lanes';
import { Playhead } from './Playhead';
import { Ribbon, type Grip } from './Ribbon';
import { SceneEnd } from './SceneEnd';
import { snap, snapPoints } from './snapping';

const NAMES = 118;
const END_ROOM = 40;

interface Drag {
  grip: Grip;
  view: BlockView;
  from: number;
  moved: boolean;
  last: Operation[];
}

/** The time view: a ruler with seconds and beats, and a ribbon for each block. */
export function BarSheet({ scene }: { scene: Scene }) {
  // The picture and the sentences come first; hundreds of bars may follow in a quiet moment.
  const page = useDeferredValue(useStage((state) => state.page));
  const chosen = useStage((state) => state.block);
  const set = useStage((state) => state.set);
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const sheet = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(1100);
  const [zoom, setZoom] = useState(1);
  const [lit, setLit] = useState<number | null>(null);
  const drag = useRef<Drag | null>(null);

  useLayoutEffect(() => {
    if (!sheet.current) return;
    const observer = new ResizeObserver(([entry]) => entry && setRoom(entry.contentRect.width - NAMES));
    observer.observe(sheet.current);
    return () => observer.disconnect();
  }, []);

  const rate = scene.rate.numerator / scene.rate.denominator;
  const perFrame = ((room - END_ROOM) / scene.length) * zoom;
  const width = Math.max(room, scene.length * perFrame + END_ROOM);
  const x = (frame: number) => frame * perFrame;
  const frameAt = (event: PointerEvent) => {
    const box = event.currentTarget.closest('.lanes')!.getBoundingClientRect();
    return (event.clientX - box.left) / perFrame;
  };

  const views = page?.blocks ?? [];
  const words = scene.blocks.filter((block) => block.kind === 'text');
  const shapes = scene.blocks.filter((block) => block.kind === 'shape');

  const operations = (event: PointerEvent): Operation[] => {
    const { grip, view, from } = drag.current!;
    const at = `scenes/${scene.id}/blocks/${view.id}/span`;
    const points = snapPoints(scene, views, view.id, useStage.getState().frame);
    const moved = frameAt(event) - from;
    const near = 7 / perFrame;
    const snapped = (frame: number) => {
      const found = event.altKey ? null : snap(frame, points, near);
      setLit(found);
      return found ?? Math.round(frame);
    };
    const set = (name: string, value: number): Operation => ({ op: 'set', at: `${at}/${name}`, value });
    switch (grip) {
      case 'body': {
        const length = view.end - view.start;
        const start = Math.max(0, snapped(view.start + moved));
        return [set('start', start), set('end', start + Math.round(length))];
      }
      case 'start':
        return [set('start', Math.max(0, Math.min(view.end - 1, snapped(view.start + moved))))];
      case 'end':
        return [set('end', Math.max(view.start + 1, snapped(view.end + moved)))];
      case 'arrive': {
        const control = view.script.arrive.lengthControl as NumberControl | undefined;
        const length = Math.max(1, snapped(view.arriveEnd + moved) - view.start);
        return control ? numberOperations(control.edits, length) : [];
      }
      case 'leave': {
        const control = view.script.leave.lengthControl as NumberControl | undefined;
        const length = Math.max(1, view.end - snapped(view.leaveStart + moved));
        return control ? numberOperations(control.edits, length) : [];
      }
    }
  };
  const grab = (event: PointerEvent, grip: Grip, view: BlockView) => {
    event.stopPropagation();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drag.current = { grip, view, from: frameAt(event), moved: false, last: [] };
    set({ block: view.id });
  };
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || (!now.moved && Math.abs(frameAt(event) - now.from) * perFrame < 3)) return;
    now.moved = true;
    now.last = operations(event);
    preview(now.last);
  };
  const drop = () => {
    if (drag.current?.moved) commit(drag.current.last);
    drag.current = null;
    setLit(null);
  };
  const scrub = (event: PointerEvent) => {
    if (event.buttons !== 1 && event.type !== 'pointerdown') return;
    if (event.type === 'pointerdown') (event.currentTarget as Element).setPointerCapture(event.pointerId);
    const frame = Math.max(0, Math.min(scene.length - 1, Math.round(frameAt(event))));
    set({ frame, playing: false });
  };

  const beat = scene.beats ? (rate * 60) / scene.beats.perMinute : null;
  const beats: number[] = [];
  if (beat && beat * perFrame > 5) {
    for (let at = scene.beats!.first; at <= scene.length; at += beat) beats.push(at);
  }
  const seconds = Array.from({ length: Math.floor(scene.length / rate) + 1 }, (_, i) => i);

  return (
    <section
      className="barSheet"
      aria-label="The bar sheet"
      ref={sheet}
      onWheel={(event) => {
        if (event.ctrlKey)
          setZoom((now) => Math.max(1, Math.min(20, now * (event.deltaY < 0 ? 1.2 : 1 / 1.2))));
      }}
    >
      <HatchPatterns />
      <div className="sheetRows" style={{ width: width + NAMES }}>
        <div className="names">
          <div className="rulerName">
            <button onClick={() => setZoom(1)}>fit</button>
            <button aria-label="Zoom out" onClick={() => setZoom((now) => Math.max(1, now / 1.5))}>
              −
            </button>
            <button aria-label="Zoom in" onClick={() => setZoom((now) => Math.min(20, now * 1.5))}>
              +
            </button>
          </div>
          {[...words, ...shapes].map((block) => {
            const view = views.find((one) => one.id === block.id);
            const open = block.id === chosen ? unitRows(view) : 0;
            return (
              <button
                key={block.id}
                className={`name ${block.id === chosen ? 'on' : ''}`}
                style={{ height: laneHeight(open) }}
                onClick={() => set({ block: block.id })}
              >
                {block.name}
                {open > 2 && <small>{unitNote(view)}</small>}
              </button>
            );
          })}
        </div>
        <div className="lanes" style={{ width }}>
          <svg className="ruler" width={width} height={22} onPointerDown={scrub} onPointerMove={scrub}>
            {seconds.map((second) => (
              <g key={second} transform={`translate(${x(second * rate)} 0)`}>
                <line y1="8" y2="22" />
                <text x="5" y="14">
                  {second} s
                </text>
              </g>
            ))}
            {beats.map((at, i) => (
              <line
                key={at}
                className={i % (scene.beats?.perBar ?? 4) === 0 ? 'bar' : 'beat'}
                x1={x(at)}
                x2={x(at)}
                y1={15}
                y2={22}
              />
            ))}
            <SceneEnd scene={scene} x={x} perFrame={perFrame} />
          </svg>
          {[...words, ...shapes].map((block) => {
            const view = views.find((one) => one.id === block.id);
            const open = block.id === chosen;
            return (
              <svg
                key={block.id}
                className="lane"
                width={width}
                height={laneHeight(open ? unitRows(view) : 0)}
                onPointerMove={move}
                onPointerUp={drop}
              >
                {view && (
                  <Ribbon
                    view={view}
                    label={block.kind === 'text' ? block.text.replace(/\n/g, ' ') || block.name : block.name}
                    open={open}
                    perFrame={perFrame}
                    grab={grab}
                  />
                )}
              </svg>
            );
          })}
          <svg className="marks" width={width} height="100%">
            {beats.map((at, i) => (
              <line
                key={at}
                className={i % (scene.beats?.perBar ?? 4) === 0 ? 'bar' : 'beat'}
                x1={x(at)}
                x2={x(at)}
                y1="22"
                y2="100%"
              />
            ))}
            <line className="sceneEnd" x1={x(scene.length)} x2={x(scene.length)} y1="0" y2="100%" />
            {lit !== null && <line className="lit" x1={x(lit)} x2={x(lit)} y1="0" y2="100%" />}
            <Playhead x={x} />
          </svg>
        </div>
      </div>
    </section>
  );
}
