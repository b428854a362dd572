import { useMemo, useRef, useState, type PointerEvent } from 'react';
import type { Operation, Scene, Sound } from '../api/client';
import { soundBrokenOff, soundMoved, soundTakenUp, stretchOf } from '../document/sounds';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { outline, useWaveform } from '../sound/waveform';

export const SOUND_HEIGHT = 34;
const END = 6;

const pathOf = (scene: Scene, sound: Sound) => `scenes/${scene.id}/sounds/${sound.id}`;

/** A sound's name, and how it is heard. */
export function SoundName({ scene, sound }: { scene: Scene; sound: Sound }) {
  const commit = useDocument((state) => state.commit);
  const [typed, setTyped] = useState<string | null>(null);
  const path = pathOf(scene, sound);
  const level = sound.level ?? 0;
  const toggle = (name: 'muted' | 'alone', label: string, title: string) => (
    <button
      className={sound[name] ? 'on' : ''}
      aria-pressed={sound[name] ?? false}
      aria-label={`${label}: ${sound.name}`}
      title={title}
      onClick={() => commit([{ op: 'set', at: `${path}/${name}`, value: !sound[name] }])}
    >
      {label}
    </button>
  );
  const step = (by: number) => {
    const to = Math.max(-60, Math.min(12, level + by));
    commit([{ op: 'set', at: `${path}/level`, value: to }], `level ${sound.id}`);
  };
  const done = () => {
    const value = typed === null ? NaN : Number(typed.replace(',', '.').replace(/\s*dB$/i, ''));
    if (typed !== null && typed.trim() !== '' && Number.isFinite(value))
      commit([{ op: 'set', at: `${path}/level`, value: Math.max(-60, Math.min(12, value)) }]);
    else if (typed !== null) useDocument.setState({ message: `“${typed}” is no level; type decibels: -6` });
    setTyped(null);
  };
  return (
    <div className="soundName" data-sound={sound.id} style={{ height: SOUND_HEIGHT }}>
      <span className="soundTitle" title={sound.name}>
        <button
          title="What it is to the scene: voice or music"
          onClick={() =>
            commit([{ op: 'set', at: `${path}/kind`, value: sound.kind === 'voice' ? 'music' : 'voice' }])
          }
        >
          {sound.kind}
        </button>{' '}
        {sound.name}
      </span>
      <span className="soundTools">
        {toggle('muted', 'mute', 'Not heard')}
        {toggle('alone', 'alone', 'Only this one is heard, and others that are alone')}
        <input
          aria-label={`Level of ${sound.name}, dB`}
          title="How loud it is, -60 to 12 dB; arrow keys step it"
          value={typed ?? `${level > 0 ? '+' : ''}${level} dB`}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => setTyped(null)}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Enter') done();
            else if (event.key === 'Escape') event.currentTarget.blur();
            else if (event.key === 'ArrowUp') step(event.shiftKey ? 6 : 1);
            else if (event.key === 'ArrowDown') step(event.shiftKey ? -6 : -1);
          }}
        />
        <button
          aria-label={`Take ${sound.name} away`}
          title="Take it away"
          onClick={() => commit([{ op: 'remove', at: path }])}
        >
          ×
        </button>
      </span>
    </div>
  );
}

type Grip = 'body' | 'from' | 'to';

/** A sound in time: its waveform, dragged to be heard at another time, and its ends, dragged to hear less of it. */
export function SoundLane({
  scene,
  sound,
  width,
  perFrame,
  heard,
  snapped,
}: {
  scene: Scene;
  /** As it is with the gesture that is going on. */
  sound: Sound;
  width: number;
  perFrame: number;
  heard: boolean;
  snapped: (frame: number, free: boolean) => number;
}) {
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const drag = useRef<{ grip: Grip; x: number; sound: Sound; last: Operation[] } | null>(null);
  const pairs = useWaveform(sound.sha256);
  const { start, end } = stretchOf(scene, sound);
  const grab = (grip: Grip) => (event: PointerEvent<SVGElement>) => {
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { grip, x: event.clientX, sound, last: [] };
  };
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || (now.last.length === 0 && Math.abs(event.clientX - now.x) < 3)) return;
    const was = stretchOf(scene, now.sound);
    const edge = now.grip === 'to' ? was.end : was.start;
    const by = snapped(edge + (event.clientX - now.x) / perFrame, event.altKey) - edge;
    const change = { body: soundMoved, from: soundTakenUp, to: soundBrokenOff }[now.grip];
    now.last = change(scene, now.sound, by);
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
        {(['from', 'to'] as const).map((grip) => (
          <rect
            key={grip}
            className="soundEnd"
            data-grip={grip}
            x={grip === 'from' ? -END / 2 : wide - END / 2}
            y="2"
            width={END}
            height={SOUND_HEIGHT - 4}
            onPointerDown={grab(grip)}
          >
            <title>{grip === 'from' ? 'Where it is taken up' : 'Where it breaks off'}</title>
          </rect>
        ))}
      </g>
    </svg>
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
