import { useRef, type PointerEvent } from 'react';
import type { Scene } from '../api/client';
import type { Beat } from '../document/beats';
import { useStage } from '../document/stage';
import { SceneEnd } from './SceneEnd';

export const RULER = 22;
/** How far apart seconds are marked, the nearest for which there is room. */
const SECONDS = [1, 2, 5, 10, 30, 60, 300, 600, 3600];
const SECOND_ROOM = 40;
/** Px that beats are apart at least. */
const BEAT_ROOM = 5;

/** Seconds and beats over the bar sheet; dragged along, the playhead goes there, and with Shift a stretch is marked. */
export function Ruler({
  scene,
  width,
  perFrame,
  beats,
}: {
  scene: Scene;
  width: number;
  perFrame: number;
  beats: Beat[];
}) {
  const range = useStage((state) => state.range);
  const set = useStage((state) => state.set);
  const rangeFrom = useRef<number | null>(null);
  const rate = scene.rate.numerator / scene.rate.denominator;
  const x = (frame: number) => frame * perFrame;
  const scrub = (event: PointerEvent) => {
    if (event.buttons !== 1 && event.type !== 'pointerdown') return;
    const at = (event.clientX - event.currentTarget.getBoundingClientRect().left) / perFrame;
    const frame = Math.max(0, Math.min(scene.length - 1, Math.round(at)));
    if (event.type === 'pointerdown') {
      (event.currentTarget as Element).setPointerCapture(event.pointerId);
      rangeFrom.current = event.shiftKey ? frame : null;
    }
    // With Shift a stretch is marked, which is then played alone.
    if (rangeFrom.current !== null) {
      const [from, to] = [Math.min(rangeFrom.current, frame), Math.max(rangeFrom.current, frame)];
      set({ range: to > from ? { from, to: to + 1 } : null });
    } else set({ frame, playing: false });
  };
  const shown = Math.max(scene.length, width / perFrame);
  const apart = SECONDS.find((one) => one * rate * perFrame >= SECOND_ROOM) ?? SECONDS.at(-1)!;
  const seconds = Array.from({ length: Math.floor(shown / rate / apart) + 1 }, (_, i) => i * apart);
  return (
    <svg className="ruler" width={width} height={RULER} onPointerDown={scrub} onPointerMove={scrub}>
      {range && (
        <rect className="range" x={x(range.from)} width={x(range.to - range.from)} y="0" height={RULER} />
      )}
      {seconds.map((second) => (
        <g key={second} transform={`translate(${x(second * rate)} 0)`}>
          <line y1="8" y2="22" />
          <text x="5" y="14">
            {second} s
          </text>
        </g>
      ))}
      <BeatLines beats={beats} x={x} from={15} to={RULER} />
      <SceneEnd scene={scene} x={x} perFrame={perFrame} />
    </svg>
  );
}

/** A line at each beat, another one where a bar begins; none where there is no room for them. */
export function BeatLines({
  beats,
  x,
  from,
  to,
}: {
  beats: Beat[];
  x: (frame: number) => number;
  from: number | string;
  to: number | string;
}) {
  const [one, next] = beats;
  if (one && next && x(next.at) - x(one.at) <= BEAT_ROOM) return null;
  return beats.map(({ n, at, bar }) => (
    <line key={n} className={bar ? 'bar' : 'beat'} x1={x(at)} x2={x(at)} y1={from} y2={to} />
  ));
}
