import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Scene } from '../api/client';
import { chooseCaption, editCaption, type Caption } from '../document/captions';
import { arrowOf } from '../document/stepping';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';

export const CAPTIONS_HEIGHT = 26;
/** About as wide as a letter of a caption. */
const LETTER = 6.4;
const GRIP = 7;
/** Px from the left of what is seen within which captions are drawn. */
const BEYOND = 400;

type Grip = 'start' | 'end' | 'move';

const NONE: Caption[] = [];

/** The captions in time: dragged whole or by their edges; edges that two share roll together. */
export function CaptionLane({
  scene,
  width,
  perFrame,
  seen,
  snapped,
}: {
  scene: Scene;
  width: number;
  perFrame: number;
  /** The frames that are in sight. */
  seen: { from: number; to: number };
  snapped: (frame: number, free: boolean) => number;
}) {
  const script = useStage((state) => state.captions)?.script;
  const chosen = useStage((state) => state.caption);
  const set = useStage((state) => state.set);
  const preview = useDocument((state) => state.preview);
  const drag = useRef<{ grip: Grip; x: number; caption: Caption } | null>(null);
  const [dragged, setDragged] = useState<{ id: string; grip: Grip; frame: number } | null>(null);
  const captions = script?.lines ?? NONE;
  const text = new Map(scene.captions?.lines.map((line) => [line.id, line.text[script?.shown ?? ''] ?? '']));
  const around = BEYOND / perFrame;
  const near = captions.filter((one) => one.end > seen.from - around && one.start < seen.to + around);

  const grab = (caption: Caption, grip: Grip) => (event: PointerEvent<SVGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { grip, x: event.clientX, caption };
  };
  const pull = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || (!dragged && Math.abs(event.clientX - now.x) < 3)) return;
    const edge = now.grip === 'end' ? now.caption.end : now.caption.start;
    const frame = Math.round(snapped(edge + (event.clientX - now.x) / perFrame, event.altKey));
    if (frame === dragged?.frame) return;
    setDragged({ id: now.caption.id, grip: now.grip, frame });
    // Its neighbour rolls along, and the picture with it.
    preview({ kind: 'editCaption', scene: scene.id, caption: now.caption.id, deed: now.grip, frame });
  };
  const drop = () => {
    if (dragged) editCaption(scene.id, dragged.id, dragged.grip, { frame: dragged.frame });
    else if (drag.current) chooseCaption(drag.current.caption);
    drag.current = null;
    setDragged(null);
  };
  const keyed = (caption: Caption, grip: Grip) => (event: KeyboardEvent) => {
    const by = arrowOf(event)?.x;
    if (event.key === 'Enter') chooseCaption(caption);
    else if (by) {
      const edge = grip === 'end' ? caption.end : caption.start;
      editCaption(scene.id, caption.id, grip, { frame: Math.round(edge + by) });
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  const at = (caption: Caption) => {
    if (dragged?.id !== caption.id) return { start: caption.start, end: caption.end };
    const { grip, frame } = dragged;
    if (grip === 'move') return { start: frame, end: frame + caption.end - caption.start };
    return grip === 'start'
      ? { start: Math.min(frame, caption.end - 1), end: caption.end }
      : { start: caption.start, end: Math.max(frame, caption.start + 1) };
  };
  return (
    <svg
      className="captionLane"
      width={width}
      height={CAPTIONS_HEIGHT}
      onPointerMove={pull}
      onPointerUp={drop}
      onPointerCancel={() => {
        drag.current = null;
        setDragged(null);
        preview([]);
      }}
    >
      {near.map((caption) => {
        const { start, end } = at(caption);
        const wide = Math.max(2, (end - start) * perFrame - 1);
        const words = (text.get(caption.id) ?? '').replace(/\n/g, ' ');
        const fitting = Math.floor((wide - 8) / LETTER);
        const faults = caption.faults[script?.shown ?? ''];
        const label = words || 'no words in this language';
        return (
          <g
            key={caption.id}
            className={`caption ${caption.id === chosen ? 'on' : ''} ${faults || caption.late ? 'broken' : ''} ${words ? '' : 'empty'}`}
            transform={`translate(${start * perFrame} ${caption.lane > 0 ? 2 : 4})`}
            data-sheet-caption={caption.id}
          >
            <rect
              className="captionBody"
              width={wide}
              height={CAPTIONS_HEIGHT - (caption.lane > 0 ? 14 : 8)}
              rx="2"
              role="slider"
              tabIndex={0}
              aria-label={`Caption: ${label}`}
              aria-valuenow={Math.round(start)}
              onKeyDown={keyed(caption, 'move')}
              onPointerDown={grab(caption, 'move')}
              onDoubleClick={() => set({ captionList: true, ledger: false, caption: caption.id })}
            >
              <title>{faults ? `${label}. It ${faults.join('; it ')}` : label}</title>
            </rect>
            {fitting > 2 && (
              <text x="5" y="13">
                {words.length > fitting ? `${words.slice(0, Math.max(1, fitting - 1))}…` : words}
              </text>
            )}
            {(['start', 'end'] as const).map((grip) => (
              <rect
                key={grip}
                className="captionEdge"
                data-grip={grip}
                x={grip === 'start' ? -GRIP / 2 : wide - GRIP / 2}
                width={GRIP}
                height={CAPTIONS_HEIGHT - 8}
                role="slider"
                tabIndex={caption.id === chosen ? 0 : -1}
                aria-label={`${grip === 'start' ? 'Start' : 'End'} of the caption: ${label}`}
                aria-valuenow={Math.round(grip === 'start' ? start : end)}
                onKeyDown={keyed(caption, grip)}
                onPointerDown={grab(caption, grip)}
              />
            ))}
          </g>
        );
      })}
    </svg>
  );
}
