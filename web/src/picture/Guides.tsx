import { memo, useRef, useState, type PointerEvent, type RefObject } from 'react';
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
    if (guide.out) return [];
    const element = { axis: guide.axis, at: guide.at };
    return { kind: 'addTo', list: path, format: format.id, stem: 'g', numbered: false, element };
  };

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
        </div>
      ))}
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
