import { useRef, useState, type PointerEvent } from 'react';
import type { Scene } from '../api/client';
import { editCaption, type Caption } from '../document/captions';
import { useStage } from '../document/stage';
import { drawnTo, type Line } from './lines';

/** Room over a stave for the captions of its words. */
export const BRACKET_HEIGHT = 34;
const NEAR = 0.03;

/** A caption at the seconds of the recording. */
export interface Bracket {
  caption: Caption;
  start: number;
  end: number;
  words: string;
}

/** The captions over a spoken line, each with its reading speed; their ends are dragged. */
export function Brackets({
  scene,
  line,
  brackets,
  edges,
  perSecond,
  frameAt,
}: {
  scene: Scene;
  line: Line;
  /** Those that are on while the line is. */
  brackets: Bracket[];
  edges: number[];
  perSecond: number;
  /** The scene's frame at a second of the recording. */
  frameAt: (second: number) => number;
}) {
  const script = useStage((state) => state.captions)?.script;
  const chosen = useStage((state) => state.caption);
  const begun = useRef<{ x: number; second: number } | null>(null);
  const [dragged, setDragged] = useState<{ id: string; edge: 'start' | 'end'; second: number } | null>(null);
  const counted = script?.counted === 'characters a second' ? 'characters a second' : 'words a minute';
  const handle = (one: Bracket, edge: 'start' | 'end') => {
    const free = one[edge];
    const inside = free >= line.from - 0.01 && free <= line.to + 0.01;
    if (!inside) return null;
    const at = dragged?.id === one.caption.id && dragged.edge === edge ? dragged.second : free;
    return (
      <div
        key={edge}
        className={`bracketEdge ${edge}`}
        data-bracket-edge={edge}
        title={`Where “${one.words}” ${edge === 'start' ? 'comes' : 'goes'}: drag it`}
        style={{ left: (at - line.from) * perSecond }}
        onPointerDown={(event: PointerEvent<HTMLElement>) => {
          event.preventDefault();
          event.stopPropagation();
          event.currentTarget.setPointerCapture(event.pointerId);
          begun.current = { x: event.clientX, second: free };
          useStage.getState().set({ caption: one.caption.id });
        }}
        onPointerMove={(event) => {
          if (!begun.current || Math.abs(event.clientX - begun.current.x) < 2) return;
          const to = begun.current.second + (event.clientX - begun.current.x) / perSecond;
          const second = event.altKey ? to : drawnTo(edges, to, NEAR);
          setDragged({ id: one.caption.id, edge, second });
        }}
        onPointerUp={() => {
          if (dragged)
            editCaption(scene.id, one.caption.id, edge, { frame: Math.round(frameAt(dragged.second)) });
          begun.current = null;
          setDragged(null);
        }}
        onPointerCancel={() => {
          begun.current = null;
          setDragged(null);
        }}
      />
    );
  };
  return (
    <div className="brackets">
      {brackets.map((one) => {
        const { caption } = one;
        const start = Math.max(line.from, one.start);
        const end = Math.min(line.to, one.end);
        const faults = caption.faults[script?.shown ?? ''] ?? [];
        const speed = caption.speeds[script?.shown ?? ''];
        return (
          <div key={caption.id}>
            <button
              className={`bracket ${faults.length > 0 ? 'broken' : ''} ${caption.id === chosen ? 'on' : ''} ${
                one.start < line.from - 0.01 ? 'goesOn' : ''
              } ${one.end > line.to + 0.01 ? 'openEnd' : ''}`}
              style={{ left: (start - line.from) * perSecond, width: Math.max(2, (end - start) * perSecond) }}
              data-bracket={caption.id}
              aria-pressed={caption.id === chosen}
              title={`${one.words}${faults.map((fault) => `. It ${fault}`).join('')}`}
              onClick={() => useStage.getState().set({ caption: caption.id })}
            >
              <span>
                {speed === undefined ? '' : `${faults.length > 0 ? speed : Math.round(speed)} ${counted}`}
                {faults.length > 0 && ' · breaks a rule'}
              </span>
            </button>
            {handle(one, 'start')}
            {handle(one, 'end')}
          </div>
        );
      })}
    </div>
  );
}
