import { useEffect, useMemo, useRef } from 'react';
import type { Project, Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { timecode } from '../document/timecode';
import { useScreening } from '../picture/useScreening';
import { useMeasure } from './useMeasure';

const NO_SOUND: never[] = [];

/** The scene large, with nothing that could be changed by hand. */
export function FillPicture({
  project,
  scene,
  wanted,
}: {
  project: Project;
  scene: Scene;
  wanted: { frame: number; turn: number };
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [room, size] = useMeasure<HTMLDivElement>();
  const formatId = useStage((state) => state.format);
  const base = useDocument((state) => state.base);
  const unsaved = useDocument((state) => state.unsaved);
  const heard = useStage((state) => state.page?.heard ?? NO_SOUND);
  const format = scene.formats.find((one) => one.id === formatId) ?? scene.formats[0]!;
  const rate = scene.rate.numerator / scene.rate.denominator;
  const draft = useMemo(
    () => ({
      project: project.id,
      base,
      operations: unsaved,
      scene: scene.id,
      format: format.id,
      resting: null,
      length: scene.length,
      piece: Math.max(1, Math.round(rate)),
      film: false,
    }),
    [project.id, base, unsaved, scene.id, scene.length, format.id, rate],
  );
  const { frame, setFrame, playing, setPlaying, problem } = useScreening(canvas, draft, rate, heard, false);
  useEffect(() => {
    setPlaying(false);
    setFrame(wanted.frame);
  }, [wanted, setFrame, setPlaying]);
  const scale = Math.max(0.01, Math.min(size.width / format.width, size.height / format.height));
  const width = Math.max(1, Math.round(format.width * scale));
  const height = Math.max(1, Math.round(format.height * scale));
  return (
    <section className="fillPicture" aria-label="The picture">
      <div ref={room} className="fillRoom">
        <canvas
          key={`${width} ${height}`}
          ref={canvas}
          width={width}
          height={height}
          style={{ width, height }}
        />
      </div>
      {problem && <p className="problem">{problem}</p>}
      <div className="filmTools">
        <button aria-label={playing ? 'Stop' : 'Play'} onClick={() => setPlaying(!playing)}>
          {playing ? '■' : '▶'}
        </button>
        <input
          type="range"
          aria-label="Frame"
          min={0}
          max={scene.length - 1}
          value={Math.min(frame, scene.length - 1)}
          onChange={(event) => {
            setPlaying(false);
            setFrame(Number(event.target.value));
          }}
        />
        <span>{timecode(Math.min(frame, scene.length - 1), scene.rate)}</span>
        {scene.formats.length > 1 &&
          scene.formats.map((one) => (
            <button
              key={one.id}
              aria-pressed={one.id === format.id}
              onClick={() => useStage.getState().set({ format: one.id })}
            >
              {one.name}
            </button>
          ))}
      </div>
    </section>
  );
}
