import { useEffect, useMemo, useRef, useState } from 'react';
import type { Format, Scene } from '../api/client';
import { draftNow, useDocument } from '../document/store';
import { middleOf } from '../document/times';
import { stills } from '../painter/still';
import { useScreening } from '../picture/useScreening';
import type { Row } from './problems';

const HIGH = 72;
const WIDE = 128;
/** A cell that is in sight so long is looked at. */
const SETTLED_MS = 120;

/** One after the other, so that a screen full of them never asks at once. */
let line: Promise<unknown> = Promise.resolve();

export function cellSize(format: Format): { width: number; height: number } {
  const scale = Math.min(WIDE / format.width, HIGH / format.height);
  return {
    width: Math.max(1, Math.round(format.width * scale)),
    height: Math.max(1, Math.round(format.height * scale)),
  };
}

const draftOf = (scene: Scene, format: Format, row: Row, length: number) => {
  const { id } = useDocument.getState();
  const { base, operations } = draftNow();
  return {
    project: id,
    base,
    operations,
    scene: scene.id,
    format: format.id,
    row: row.id,
    resting: null,
    length,
    piece: Math.max(1, Math.round(scene.rate.numerator / scene.rate.denominator)),
  };
};

/** A version in a format, small: its middle, and moving while it is pointed at. */
export function CellStill({
  scene,
  format,
  row,
  length,
  fields,
}: {
  scene: Scene;
  format: Format;
  row: Row;
  /** Frames that it has in this version. */
  length: number;
  /** What it depends on beside its row and its scene. */
  fields: unknown;
}) {
  const holder = useRef<HTMLSpanElement>(null);
  const [moving, setMoving] = useState(false);
  const { width, height } = cellSize(format);
  useEffect(() => {
    let gone = false;
    const began = performance.now();
    const draw = async () => {
      if (gone) return;
      if (performance.now() - began < SETTLED_MS) {
        // What is only scrolled past is not drawn.
        await new Promise((done) => setTimeout(done, SETTLED_MS - (performance.now() - began)));
        if (gone) return;
      }
      await stills(
        { ...draftOf(scene, format, row, length), piece: 1 },
        [middleOf({ length })],
        width,
        height,
        (canvas) => {
          if (!gone) holder.current?.replaceChildren(canvas);
        },
      );
    };
    // A version without a picture still has its words.
    line = line.then(draw).catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [scene, format, row, length, fields, width, height]);
  return (
    <span
      className="cellStill"
      style={{ width, height }}
      onPointerEnter={() => setMoving(true)}
      onPointerLeave={() => setMoving(false)}
    >
      <span ref={holder} />
      {moving && <MovingCell scene={scene} format={format} row={row} length={length} />}
    </span>
  );
}

const SILENT: never[] = [];

function MovingCell({
  scene,
  format,
  row,
  length,
}: {
  scene: Scene;
  format: Format;
  row: Row;
  length: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { width, height } = cellSize(format);
  const draft = useMemo(() => draftOf(scene, format, row, length), [scene, format, row, length]);
  const rate = scene.rate.numerator / scene.rate.denominator;
  const { playing, setPlaying, frame } = useScreening(canvas, draft, rate, SILENT, true);
  useEffect(() => {
    // Over and over, as long as it is pointed at.
    if (!playing) setPlaying(true);
  }, [playing, setPlaying]);
  return <canvas ref={canvas} width={width} height={height} style={{ width, height }} hidden={frame === 0} />;
}
