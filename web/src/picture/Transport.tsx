import { ExportOutlined } from '@ant-design/icons';
import { useShallow } from 'zustand/react/shallow';
import { memo, useState } from 'react';
import type { Scene } from '../api/client';
import { noTime, readTime } from '../document/edits';
import { useDocument } from '../document/store';
import { openSecondWindow } from './secondWindow';
import { useStage } from '../document/stage';
import { timecode } from '../document/timecode';

const SPEEDS: [number, string][] = [
  [0.25, '¼ ×'],
  [0.5, '½ ×'],
  [1, '1 ×'],
  [1.5, '1½ ×'],
  [2, '2 ×'],
];

const SKINS = [1, 2, 4, 8, 16];
/** Frames between skins where none were chosen. */
export const ONION = 4;

/** Playing, the time, and what is laid over the picture. */
export const Transport = memo(function Transport({ scene, scale }: { scene: Scene; scale: number }) {
  const stage = useStage(
    useShallow((state) => ({
      playing: state.playing,
      dropped: state.dropped,
      coarse: state.coarse,
      speed: state.speed,
      sound: state.sound,
      heard: (state.page?.heard ?? []).length > 0,
      click: state.click,
      recording: state.recording,
      holding: state.holding,
      onion: state.onion,
      zoom: state.zoom,
      safeAreas: state.safeAreas,
      orderThread: state.orderThread,
      loop: state.loop,
      strip: state.strip,
      rulers: state.rulers,
      set: state.set,
    })),
  );
  const rate = scene.rate.numerator / scene.rate.denominator;
  const toggle = (name: 'safeAreas' | 'orderThread' | 'loop' | 'strip' | 'rulers', label: string) => (
    <button
      className={stage[name] ? 'on' : ''}
      aria-pressed={stage[name]}
      onClick={() => stage.set({ [name]: !stage[name] })}
    >
      {label}
    </button>
  );
  return (
    <div className="transport">
      <button
        className="play"
        aria-label={stage.playing ? 'Stop' : 'Play'}
        onClick={() => stage.set({ playing: !stage.playing, dropped: 0 })}
      >
        {stage.playing ? '■' : '▶'}
      </button>
      <TimeField scene={scene} />
      <span className="rate">{Number(rate.toFixed(3))} fps</span>
      {toggle('loop', 'loop')}
      <select
        aria-label="Speed"
        title="How fast it is played"
        value={stage.speed}
        onChange={(event) => stage.set({ speed: Number(event.target.value) })}
      >
        {SPEEDS.map(([speed, label]) => (
          <option key={speed} value={speed}>
            {label}
          </option>
        ))}
      </select>
      {((scene.sounds ?? []).length > 0 || stage.heard) && (
        <button
          className={stage.sound ? 'on' : ''}
          aria-pressed={stage.sound}
          title="Whether sounds are heard while it plays, and where the playhead is moved"
          onClick={() => stage.set({ sound: !stage.sound })}
        >
          sound
        </button>
      )}
      {scene.beats && (
        <button
          className={`click ${stage.click ? 'on' : ''}`}
          aria-pressed={stage.click}
          title="A click on every beat, to hear whether the scene counts as its music does"
          onClick={() => stage.set({ click: !stage.click })}
        >
          click
        </button>
      )}
      {stage.playing && stage.dropped > 0 && (
        <span className="dropped" title="Pictures that could not be shown in time">
          {stage.dropped} dropped
        </span>
      )}
      {stage.playing && stage.coarse > 1 && (
        <span className="coarse" title="So that it plays in time. It stands sharp, and is exported sharp.">
          plays at {stage.coarse === 2 ? '½' : '¼'} of its size
        </span>
      )}
      <span className="gap" />
      <button
        className={`record ${stage.recording ? 'on' : ''}`}
        aria-pressed={stage.recording}
        title="While this is on, what is changed at another time becomes a key of that time (R)"
        onClick={() => stage.set({ recording: !stage.recording })}
      >
        {stage.recording ? 'recording keys' : 'record keys'}
      </button>
      {stage.recording && (
        <button
          aria-pressed={stage.holding}
          className={stage.holding ? 'on' : ''}
          title="Whether the value before is held until the new key, or runs up to it"
          onClick={() => stage.set({ holding: !stage.holding })}
        >
          {stage.holding ? 'held until there' : 'running up to it'}
        </button>
      )}
      {scene.formats.length > 1 && toggle('strip', 'all formats')}
      {toggle('orderThread', 'order thread')}
      {toggle('rulers', 'rulers')}
      <button
        className={`onion ${stage.onion > 0 ? 'on' : ''}`}
        aria-pressed={stage.onion > 0}
        title="Frames before and after shine through while the picture stands (O)"
        onClick={() => stage.set({ onion: stage.onion > 0 ? 0 : ONION })}
      >
        onion
      </button>
      {stage.onion > 0 && (
        <select
          aria-label="Frames between skins"
          title="How many frames lie between one skin and the next"
          value={stage.onion}
          onChange={(event) => stage.set({ onion: Number(event.target.value) })}
        >
          {SKINS.map((apart) => (
            <option key={apart} value={apart}>
              {apart} fr
            </option>
          ))}
        </select>
      )}
      {toggle('safeAreas', 'safe areas')}
      <button
        aria-label="The picture in a window of its own"
        title="The picture in a window of its own, for a second screen"
        onClick={openSecondWindow}
      >
        <ExportOutlined />
      </button>
      <button
        title="Fit or 100 %; Ctrl and the wheel zoom"
        onClick={() => stage.set({ zoom: stage.zoom === 'fit' ? 1 : 'fit' })}
      >
        {stage.zoom === 'fit' ? 'fit · ' : ''}
        {Math.round(scale * 100)} %
      </button>
    </div>
  );
});

/** The time at the playhead; another can be typed, as frames, seconds, seconds + frames or beats. */
function TimeField({ scene }: { scene: Scene }) {
  const frame = useStage((state) => state.frame);
  const set = useStage((state) => state.set);
  const [typed, setTyped] = useState<string | null>(null);
  const rate = scene.rate.numerator / scene.rate.denominator;
  const go = () => {
    const wanted =
      typed === null ? null : readTime(typed, rate, scene.beats ? (rate * 60) / scene.beats.perMinute : null);
    if (wanted !== null)
      set({ frame: Math.max(0, Math.min(scene.length - 1, Math.round(wanted))), playing: false });
    else if (typed !== null && typed !== timecode(frame, scene.rate))
      useDocument.setState({ message: noTime(typed) });
    setTyped(null);
  };
  return (
    <input
      className="time"
      aria-label="Time at the playhead"
      title="Type a time: 36, 1.5s, 1+12 or 2b"
      value={typed ?? timecode(frame, scene.rate)}
      onFocus={(event) => {
        setTyped(timecode(frame, scene.rate));
        requestAnimationFrame(() => event.target.select());
      }}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={() => setTyped(null)}
      onKeyDown={(event) => {
        if (event.key === 'Enter') go();
        if (event.key === 'Enter' || event.key === 'Escape') event.currentTarget.blur();
      }}
    />
  );
}
