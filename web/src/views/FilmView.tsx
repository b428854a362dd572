import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { postJson, type Heard, type Project, type Scene } from '../api/client';
import type { components } from '../api/generated';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { useScreening } from '../picture/useScreening';
import { timecode } from '../document/timecode';
import { openScene } from '../document/openScene';

type Whole = components['schemas']['WholeFilm'];

const MARGIN = 48;
const BELOW = 130;
const NO_SOUND: Heard[] = [];

/** All scenes one after the other, as they cross over, over the whole window. */
export const FilmView = memo(function FilmView({ project, scene }: { project: Project; scene: Scene }) {
  const open = useStage((state) => state.film);
  return open ? <Screening key={project.id} project={project} scene={scene} /> : null;
});

function Screening({ project, scene }: { project: Project; scene: Scene }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [whole, setWhole] = useState<Whole | null>(null);
  const format = useStage((state) => state.format);
  const [size] = useState({
    width: window.innerWidth - 2 * MARGIN,
    height: window.innerHeight - MARGIN - BELOW,
  });
  const draft = useMemo(() => {
    const { base, unsaved } = useDocument.getState();
    return { base, patch: { operations: unsaved }, scene: scene.id, format };
  }, [scene.id, format]);
  const rate = whole ? whole.rate.numerator / whole.rate.denominator : 24;
  const film = useMemo(
    () =>
      whole && {
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
    [whole, project.id, scene.id, format, draft, rate],
  );
  const { frame, setFrame, playing, setPlaying, problem, setProblem } = useScreening(
    canvas,
    film,
    rate,
    whole?.heard ?? NO_SOUND,
    true,
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
  }, [project.id, scene.id, draft, setFrame, setProblem]);

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
  }, [whole, setFrame, setPlaying]);

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
