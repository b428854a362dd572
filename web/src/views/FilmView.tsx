import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { postJson, type Project, type Scene } from '../api/client';
import type { components } from '../api/generated';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { usePicture } from '../painter/usePicture';
import { play, type Playing } from '../sound/player';
import { timecode } from '../document/timecode';
import { openScene } from '../document/openScene';

type Whole = components['schemas']['WholeFilm'];

const MARGIN = 48;
const BELOW = 130;
/** Frames beyond the next that are there before it goes on after waiting. */
const READY = 8;

/** All scenes one after the other, as they cross over, over the whole window. */
export const FilmView = memo(function FilmView({ project, scene }: { project: Project; scene: Scene }) {
  const open = useStage((state) => state.film);
  return open ? <Screening key={project.id} project={project} scene={scene} /> : null;
});

function Screening({ project, scene }: { project: Project; scene: Scene }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [whole, setWhole] = useState<Whole | null>(null);
  const [problem, setProblem] = useState('');
  const [frame, setFrame] = useState(0);
  const [playing, setPlaying] = useState(true);
  const format = useStage((state) => state.format);
  const [size] = useState({
    width: window.innerWidth - 2 * MARGIN,
    height: window.innerHeight - MARGIN - BELOW,
  });
  const draft = useMemo(() => {
    const { base, unsaved } = useDocument.getState();
    return { base, patch: { operations: unsaved }, scene: scene.id, format };
  }, [scene.id, format]);
  const shown = useRef<(at: number) => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback((at: number) => shown.current(at), []),
    setProblem,
    'quickest',
  );

  useEffect(() => {
    postJson<Whole>(`/api/projects/${project.id}/film`, draft).then(
      (film) => {
        setWhole(film);
        // It begins where one is: at the open scene.
        setFrame(film.scenes.find((one) => one.scene === scene.id)?.from ?? 0);
      },
      (error: unknown) => setProblem(error instanceof Error ? error.message : String(error)),
    );
  }, [project.id, scene.id, draft]);

  const rate = whole ? whole.rate.numerator / whole.rate.denominator : 24;
  const first = useRef(0);
  useEffect(() => {
    first.current = frame;
    shown.current = (at) => {
      if (at === first.current && picture?.show(at) && canvas.current)
        canvas.current.dataset.shown = String(at);
    };
  });
  useEffect(() => {
    if (!picture || !whole) return;
    picture.frames.use(
      {
        project: project.id,
        base: draft.base,
        operations: draft.patch.operations,
        scene: scene.id,
        format,
        resting: null,
        length: whole.length,
        piece: Math.max(1, Math.round(rate)),
        film: true,
      },
      first.current,
    );
  }, [picture, whole, project.id, scene.id, format, draft, rate]);
  useEffect(() => {
    if (!picture || !whole || playing) return;
    if (picture.frames.reel(frame)) shown.current(frame);
    else picture.frames.want(frame);
  }, [picture, whole, playing, frame]);
  useEffect(() => {
    if (!picture || !whole || !playing) return;
    const end = whole.length - 1;
    const stretch = { first: 0, length: whole.length / rate, loop: false };
    const heard = useStage.getState().sound ? whole.heard : [];
    let handle = 0;
    let next = first.current >= end ? 0 : first.current;
    let clock: Playing | null = null;
    picture.frames.want(next);
    const here = (at: number) => picture.frames.reel(Math.min(end, at)) !== null;
    const tick = () => {
      handle = requestAnimationFrame(tick);
      if (!clock) {
        // What has not come yet is waited for, a little more than the next frame: nothing of the film is skipped.
        if (!here(next) || !here(next + READY)) return;
        clock = play(heard, stretch, next / rate, 1);
      }
      const at = Math.floor(clock.elapsed() * rate + 1e-6);
      if (at < next) return;
      if (at > end) {
        cancelAnimationFrame(handle);
        setFrame(end);
        setPlaying(false);
      } else if (picture.show(at)) {
        if (canvas.current) canvas.current.dataset.shown = String(at);
        next = at + 1;
        setFrame(at);
      } else {
        clock.stop();
        clock = null;
        next = Math.min(end, next);
        picture.frames.want(next);
      }
    };
    handle = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(handle);
      clock?.stop();
    };
  }, [picture, whole, playing, rate]);

  const close = () => useStage.getState().set({ film: false });
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (event.key === 'Escape') useStage.getState().set({ film: false });
      else if (event.key === ' ') setPlaying((now) => !now);
      else if (event.key === 'ArrowLeft' || event.key === 'ArrowRight') {
        setPlaying(false);
        setFrame((now) =>
          Math.max(0, Math.min((whole?.length ?? 1) - 1, now + (event.key === 'ArrowRight' ? 1 : -1))),
        );
      } else return;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    window.addEventListener('keydown', keys, true);
    return () => window.removeEventListener('keydown', keys, true);
  }, [whole]);

  const scale = whole ? Math.min(size.width / whole.width, size.height / whole.height) : 0;
  const width = whole ? Math.round(whole.width * scale) : 1;
  const height = whole ? Math.round(whole.height * scale) : 1;
  const here = whole?.scenes.filter((one) => one.from <= frame && frame < one.to).at(-1);
  return (
    <div className="screening" role="dialog" aria-label="All scenes">
      <canvas ref={canvas} width={width} height={height} style={{ width, height }} />
      {problem && <p className="problem">{problem}</p>}
      {whole && (
        <>
          <div className="filmScenes">
            {whole.scenes.map((one) => (
              <button
                key={one.scene}
                className={one === here ? 'on' : ''}
                style={{ flexGrow: one.to - one.from }}
                title={`${one.name}: ${timecode(one.from, whole.rate)}`}
                onClick={() => {
                  setPlaying(false);
                  setFrame(one.from);
                }}
              >
                {one.name}
              </button>
            ))}
          </div>
          <div className="filmTools">
            <button
              aria-label={playing ? 'Stop the film' : 'Play the film'}
              onClick={() => setPlaying(!playing)}
            >
              {playing ? '■' : '▶'}
            </button>
            <input
              type="range"
              aria-label="Frame of the film"
              min={0}
              max={whole.length - 1}
              value={frame}
              onChange={(event) => {
                setPlaying(false);
                setFrame(Number(event.target.value));
              }}
            />
            <span>
              {timecode(frame, whole.rate)} of {timecode(whole.length, whole.rate)}
            </span>
            <button
              onClick={() => {
                const target = project.scenes.find((one) => one.id === here?.scene);
                close();
                if (target) {
                  openScene(target);
                  useStage.getState().set({ frame: Math.min(target.length - 1, frame - (here?.from ?? 0)) });
                }
              }}
            >
              open this scene
            </button>
            <button onClick={close}>close</button>
          </div>
        </>
      )}
    </div>
  );
}
