import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Operation, PageView, Scene, Sound } from '../api/client';
import { arrowOf } from '../document/stepping';
import { stretchOf } from '../document/sounds';
import { repeats } from '../document/repeats';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { spokenOf } from '../document/spoken';
import { draggedTo } from '../document/times';
import { outline, useWaveform } from '../sound/waveform';

export const SOUND_HEIGHT = 34;
const END = 6;
/** About as wide as a letter of a word. */
const LETTER = 6.2;

type Grip = 'body' | 'from' | 'to';

/** A sound in time: its waveform, dragged to be heard at another time, and its ends, dragged to hear less of it. */
export function SoundLane({
  scene,
  sound,
  width,
  perFrame,
  heard,
  handles,
  snapped,
}: {
  scene: Scene;
  /** As it is with the gesture that is going on. */
  sound: Sound;
  width: number;
  perFrame: number;
  heard: boolean;
  /** How it is dragged; not told yet where it has just come. */
  handles: PageView['sounds'][number] | undefined;
  snapped: (frame: number, free: boolean) => number;
}) {
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const drag = useRef<{
    grip: Grip;
    x: number;
    was: ReturnType<typeof stretchOf>;
    handles: PageView['sounds'][number];
    last: Operation[];
  } | null>(null);
  const [step] = useState(repeats);
  const pairs = useWaveform(sound.sha256);
  const { start, end } = stretchOf(scene, sound);
  const grab = (grip: Grip) => (event: PointerEvent<SVGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    if (handles) drag.current = { grip, x: event.clientX, was: stretchOf(scene, sound), handles, last: [] };
  };
  const keyed = (grip: Grip, said: string, frame: number) => ({
    role: 'slider',
    tabIndex: 0,
    'aria-label': `${sound.name}: ${said}`,
    'aria-valuenow': Math.round(frame),
    onKeyDown: (event: KeyboardEvent) => {
      const by = arrowOf(event)?.x;
      if (!by || !handles) return;
      event.preventDefault();
      event.stopPropagation();
      step(
        `sound ${grip} ${sound.id}`,
        { x: by, y: 0 },
        () => ({ handles, frame }),
        (held, far) =>
          grip === 'body'
            ? draggedTo(held.handles.move, far.x)
            : draggedTo(held.handles[grip], held.frame + far.x),
      );
    },
  });
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || (now.last.length === 0 && Math.abs(event.clientX - now.x) < 3)) return;
    const edge = now.grip === 'to' ? now.was.end : now.was.start;
    const to = snapped(edge + (event.clientX - now.x) / perFrame, event.altKey);
    now.last =
      now.grip === 'body' ? draggedTo(now.handles.move, to - edge) : draggedTo(now.handles[now.grip], to);
    preview(now.last);
  };
  const drop = () => {
    if (drag.current?.last.length) commit(drag.current.last);
    drag.current = null;
  };
  const wide = Math.max(2, (end - start) * perFrame);
  const { from = 0, to = sound.seconds, level = 0 } = sound;
  const drawn = useMemo(
    () => pairs && outline(pairs, from, to, wide, SOUND_HEIGHT - 6, 10 ** (level / 20)),
    [pairs, from, to, wide, level],
  );
  return (
    <svg
      className={`soundLane ${heard ? '' : 'silent'}`}
      data-lane={sound.id}
      width={width}
      height={SOUND_HEIGHT}
      onPointerMove={move}
      onPointerUp={drop}
      onPointerCancel={() => {
        drag.current = null;
        preview([]);
      }}
    >
      <g transform={`translate(${start * perFrame} 0)`}>
        <rect
          className="soundBody"
          data-grip="body"
          y="2"
          width={wide}
          height={SOUND_HEIGHT - 4}
          rx="2"
          {...keyed('body', 'its time', start)}
          onPointerDown={grab('body')}
        >
          <title>{`${sound.name}. Drag it to hear it at another time`}</title>
        </rect>
        {drawn && (
          <>
            <path className="waveform" transform="translate(0 3)" d={drawn} />
            <Passed id={sound.id} drawn={drawn} start={start} perFrame={perFrame} />
          </>
        )}
        <Words scene={scene} sound={sound} start={start} perFrame={perFrame} />
        {(['from', 'to'] as const).map((grip) => (
          <rect
            key={grip}
            className="soundEnd"
            data-grip={grip}
            x={grip === 'from' ? -END / 2 : wide - END / 2}
            y="2"
            width={END}
            height={SOUND_HEIGHT - 4}
            {...keyed(grip, grip === 'from' ? 'its beginning' : 'its end', grip === 'from' ? start : end)}
            onPointerDown={grab(grip)}
          >
            <title>{grip === 'from' ? 'Where it is taken up' : 'Where it breaks off'}</title>
          </rect>
        ))}
      </g>
    </svg>
  );
}

/** Its words where they are said, as far as there is room for them. */
function Words({
  scene,
  sound,
  start,
  perFrame,
}: {
  scene: Scene;
  sound: Sound;
  start: number;
  perFrame: number;
}) {
  // Drawn anew when the words change.
  useDocument((state) => state.document?.voices);
  const words = spokenOf(scene, sound);
  return (
    <g className="saidWords">
      {words.map((word, i) => {
        const next = words[i + 1];
        const room = ((next?.at ?? Infinity) - word.at) * perFrame;
        if (room < word.text.length * LETTER + 3) return null;
        return (
          <text key={word.id} x={(word.at - start) * perFrame + 2} y={SOUND_HEIGHT - 6}>
            {word.text}
          </text>
        );
      })}
    </g>
  );
}

/** What was heard before the playhead; drawn by itself, so that playing does not draw the rest anew. */
function Passed({
  id,
  drawn,
  start,
  perFrame,
}: {
  id: string;
  drawn: string;
  start: number;
  perFrame: number;
}) {
  const frame = useStage((state) => state.frame);
  const clip = `passed-${id}`;
  return (
    <>
      <clipPath id={clip}>
        <rect width={Math.max(0, (frame - start) * perFrame)} height={SOUND_HEIGHT} />
      </clipPath>
      <path className="waveform passed" transform="translate(0 3)" clipPath={`url(#${clip})`} d={drawn} />
    </>
  );
}
