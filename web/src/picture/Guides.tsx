import { stepsOf } from '../document/stepping';
import { memo, useRef, useState, type KeyboardEvent, type PointerEvent, type RefObject } from 'react';
import type { Format, Intent, Operation, Scene } from '../api/client';
import { keep } from '../document/edit';

type Axis = 'x' | 'y';

const THICK = 16;

/** Rulers along two edges of the room; guides are dragged out of them, along, and back into them. */
export const Guides = memo(function Guides({
  scene,
  format,
  scale,
  frame,
}: {
  scene: Scene;
  format: Format;
  scale: number;
  frame: RefObject<HTMLDivElement | null>;
}) {
  const [pulled, setPulled] = useState<{ axis: Axis; at: number; id: string | null; out: boolean } | null>(
    null,
  );
  const box = useRef<DOMRect | null>(null);
  const path = `scenes/${scene.id}/formats/${format.id}/guides`;
  const guides = format.guides ?? [];

  const place = (event: PointerEvent, axis: Axis) => {
    const rect = box.current!;
    const at = axis === 'x' ? (event.clientX - rect.left) / scale : (event.clientY - rect.top) / scale;
    const most = axis === 'x' ? format.width : format.height;
    return { at: Math.round(at), out: at < 0 || at > most };
  };
  const pull = (axis: Axis, id: string | null) => ({
    onPointerDown: (event: PointerEvent<Element>) => {
      event.stopPropagation();
      event.preventDefault();
      event.currentTarget.setPointerCapture(event.pointerId);
      box.current = frame.current!.getBoundingClientRect();
      setPulled({ axis, id, ...place(event, axis) });
    },
    onPointerMove: (event: PointerEvent<Element>) => pulled && setPulled({ axis, id, ...place(event, axis) }),
    onPointerUp: () => {
      if (pulled) keep(changes(pulled));
      setPulled(null);
    },
    onPointerCancel: () => setPulled(null),
  });
  const changes = (guide: NonNullable<typeof pulled>): Operation[] | Intent => {
    if (guide.id)
      return guide.out
        ? [{ op: 'remove', at: `${path}/${guide.id}` }]
        : [{ op: 'set', at: `${path}/${guide.id}/at`, value: guide.at }];
    return guide.out ? [] : added(guide.axis, guide.at);
  };
  const added = (axis: Axis, at: number): Intent => ({
    kind: 'addTo',
    list: path,
    format: format.id,
    stem: 'g',
    numbered: false,
    element: { axis, at: Math.round(at) },
  });

  const shown = guides.map((guide) => (guide.id === pulled?.id ? { ...guide, at: pulled.at } : guide));
  return (
    <>
      {(['x', 'y'] as const).map((axis) => (
        <div
          key={axis}
          className={`pictureRuler ${axis}`}
          aria-label={axis === 'x' ? 'Ruler down: drag a guide out' : 'Ruler across: drag a guide out'}
          style={axis === 'x' ? { width: THICK } : { height: THICK }}
          {...pull(axis, null)}
        >
          <Ticks axis={axis === 'x' ? 'y' : 'x'} format={format} scale={scale} />
          {guides
            .filter((guide) => guide.axis !== axis)
            .map((guide) => (
              <GuideNumber
                key={guide.id}
                axis={guide.axis}
                at={guide.at}
                scale={scale}
                most={guide.axis === 'x' ? format.width : format.height}
                put={(at) => keep([{ op: 'set', at: `${path}/${guide.id}/at`, value: at }])}
                remove={() => keep([{ op: 'remove', at: `${path}/${guide.id}` }])}
              />
            ))}
        </div>
      ))}
      <div className="rulerCorner">
        <button
          aria-label="A guide across the middle"
          title="A guide in the middle, to be typed elsewhere: across"
          onClick={() => keep(added('y', format.height / 2))}
        >
          ─
        </button>
        <button
          aria-label="A guide down the middle"
          title="A guide in the middle, to be typed elsewhere: down"
          onClick={() => keep(added('x', format.width / 2))}
        >
          │
        </button>
        <button
          aria-label="Clear all guides"
          title="Clear all guides"
          disabled={guides.length === 0}
          onClick={() => keep([{ op: 'set', at: path, value: [] }])}
        >
          ×
        </button>
      </div>
      <svg className="guides" viewBox={`0 0 ${format.width} ${format.height}`}>
        {[...shown, ...(pulled && !pulled.id ? [{ ...pulled, id: 'new' }] : [])].map((guide) => {
          const ends =
            guide.axis === 'x'
              ? { x1: guide.at, x2: guide.at, y1: 0, y2: format.height }
              : { x1: 0, x2: format.width, y1: guide.at, y2: guide.at };
          return (
            <g key={guide.id} className={`guide ${guide.axis}`} {...pull(guide.axis, guide.id)}>
              <line className="reach" {...ends} strokeWidth={9 / scale} />
              <line {...ends} strokeWidth={1 / scale} />
              {pulled && (pulled.id ?? 'new') === guide.id && (
                <text x={ends.x1 + 6 / scale} y={ends.y1 + 14 / scale} fontSize={11 / scale}>
                  {guide.at}
                </text>
              )}
            </g>
          );
        })}
      </svg>
    </>
  );
});

/** Where a guide lies, to be typed, and moved by arrows; Delete takes the guide away. */
function GuideNumber({
  axis,
  at,
  scale,
  most,
  put,
  remove,
}: {
  axis: Axis;
  at: number;
  scale: number;
  most: number;
  put: (at: number) => void;
  remove: () => void;
}) {
  const [text, setText] = useState(`${at}`);
  const [last, setLast] = useState(at);
  if (last !== at) {
    setLast(at);
    setText(`${at}`);
  }
  const take = () => {
    const typed = Number(text);
    if (text.trim() === '' || !Number.isFinite(typed)) setText(`${at}`);
    else if (typed !== at) put(Math.max(0, Math.min(most, typed)));
  };
  const press = (event: KeyboardEvent<HTMLInputElement>) => {
    event.stopPropagation();
    const way = { ArrowUp: 1, ArrowDown: -1 }[event.key];
    if (event.key === 'Enter') take();
    else if (event.key === 'Escape') setText(`${at}`);
    else if (event.key === 'Delete' && event.currentTarget.selectionStart === 0) remove();
    else if (way) {
      event.preventDefault();
      put(Math.max(0, Math.min(most, at + way * stepsOf(event))));
    }
  };
  return (
    <input
      className="guideNumber"
      aria-label={axis === 'x' ? 'Guide at x' : 'Guide at y'}
      value={text}
      style={axis === 'x' ? { left: at * scale } : { top: at * scale }}
      onFocus={(event) => event.currentTarget.select()}
      onPointerDown={(event) => event.stopPropagation()}
      onChange={(event) => setText(event.target.value)}
      onKeyDown={press}
      onBlur={take}
    />
  );
}

/** Numbers in px of the format, as far apart as can be read. */
function Ticks({ axis, format, scale }: { axis: Axis; format: Format; scale: number }) {
  const length = axis === 'x' ? format.width : format.height;
  const step = [10, 20, 50, 100, 200, 500, 1000, 2000].find((one) => one * scale >= 48) ?? 4000;
  const ticks = Array.from({ length: Math.floor(length / step) + 1 }, (_, i) => i * step);
  return (
    <>
      {ticks.map((tick) => (
        <span key={tick} style={axis === 'x' ? { left: tick * scale } : { top: tick * scale }}>
          {tick}
        </span>
      ))}
    </>
  );
}
