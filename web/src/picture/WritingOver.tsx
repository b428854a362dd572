import { useEffect, useRef, useState, type PointerEvent } from 'react';
import { postJson } from '../api/client';
import type { components } from '../api/generated';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { home, type Away } from './away';
import type { Point } from './useHandle';
import { editOrSay } from '../document/edit';

export type Letter = components['schemas']['LetterView'];

/** px on the screen between two points of a drawn stroke. */
const STEP_PX = 3;

/** How a letter is written, over the picture: its strokes are numbered, and new ones are drawn over them. */
export function WritingOver({
  block,
  scale,
  at,
}: {
  block: string;
  scale: number;
  at: (event: PointerEvent<SVGElement>) => Point;
}) {
  const writing = useStage((state) => state.writing);
  const letter = useLetter(block, writing);
  const [drawn, setDrawn] = useState<Point[]>([]);
  const line = useRef<Point[]>([]);
  const drawing = useRef(false);
  if (writing === null || !letter) return null;
  const map = letter.map as Away;
  const shown = ([x, y]: [number, number]) => ({
    x: map[0]! * x + map[2]! * y + map[4]!,
    y: map[1]! * x + map[3]! * y + map[5]!,
  });
  const done = () => {
    drawing.current = false;
    const points = line.current;
    setDrawn([]);
    if (points.length < 2) return;
    const shares = points.flatMap((point) => {
      const { x, y } = home(map, point);
      return [share(x), share(y)];
    });
    editOrSay({ kind: 'addStroke', family: letter.family, character: letter.character, stroke: shares });
  };
  return (
    <g
      className="writingOver"
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        drawing.current = true;
        line.current = [at(event)];
        setDrawn(line.current);
      }}
      onPointerMove={(event) => {
        if (!drawing.current) return;
        const point = at(event);
        const last = line.current.at(-1)!;
        if (Math.hypot(point.x - last.x, point.y - last.y) * scale < STEP_PX) return;
        if (line.current.length < 400) line.current = [...line.current, point];
        setDrawn(line.current);
      }}
      onPointerUp={done}
      onPointerCancel={() => {
        drawing.current = false;
        setDrawn([]);
      }}
    >
      <rect className="ground" x="-10000" y="-10000" width="30000" height="30000" />
      {letter.strokes.map((stroke, i) => {
        const points = pairs(stroke).map(shown);
        const first = points[0]!;
        return (
          <g key={i} data-stroke={i + 1}>
            <polyline points={points.map(({ x, y }) => `${x},${y}`).join(' ')} strokeWidth={2 / scale} />
            <circle cx={first.x} cy={first.y} r={7 / scale} />
            <text x={first.x} y={first.y + 3.5 / scale} fontSize={10 / scale} textAnchor="middle">
              {i + 1}
            </text>
          </g>
        );
      })}
      {drawn.length > 1 && (
        <polyline
          className="drawn"
          points={drawn.map(({ x, y }) => `${x},${y}`).join(' ')}
          strokeWidth={2.5 / scale}
        />
      )}
    </g>
  );
}

/** How the server says that the letter at an offset is written; asked anew with every change. */
function useLetter(block: string, from: number | null): Letter | null {
  const [letter, setLetter] = useState<Letter | null>(null);
  const document = useDocument((state) => state.document);
  useEffect(() => {
    if (from === null) return;
    let gone = false;
    const now = useDocument.getState();
    const { scene, format } = useStage.getState();
    postJson<Letter>(`/api/projects/${now.id}/blocks/${block}/letter?from=${from}`, {
      base: now.base,
      patch: { operations: now.unsaved },
      scene,
      format,
    }).then(
      (told) => !gone && setLetter(told),
      (error: Error) => {
        if (gone) return;
        setLetter(null);
        useStage.getState().set({ problem: error.message, writing: null });
      },
    );
    return () => {
      gone = true;
    };
  }, [block, from, document]);
  return from === null ? null : letter;
}

const pairs = (flat: number[]) =>
  Array.from({ length: flat.length / 2 }, (_, i): [number, number] => [flat[2 * i]!, flat[2 * i + 1]!]);

const share = (value: number) => Number(Math.max(-1, Math.min(2, value)).toFixed(4));
