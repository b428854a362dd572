import { memo, useCallback, useEffect, useMemo, useRef } from 'react';
import { useShallow } from 'zustand/react/shallow';
import type { Format, Project, Scene } from '../api/client';
import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { usePicture } from '../painter/usePicture';

const HEIGHT = 66;
/** Small pictures leave the server to the large one and to the page for a while after an edit. */
const AFTER_MS = 100;
const QUIET_MS = 1500;

/** All formats of the scene at the playhead, side by side; a click shows one large. */
export const FormatStrip = memo(function FormatStrip({ project, scene }: { project: Project; scene: Scene }) {
  return (
    <div className="formatStrip" role="group" aria-label="All formats">
      {scene.formats.map((format) => (
        <StripPicture key={format.id} project={project} scene={scene} format={format} />
      ))}
    </div>
  );
});

function StripPicture({ project, scene, format }: { project: Project; scene: Scene; format: Format }) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const stage = useStage(
    useShallow(({ frame, format: shown, playing, shown: frames, row, condition }) => ({
      frame,
      shown,
      playing,
      frames,
      row,
      condition,
    })),
  );
  const live = useDocument((state) => state.live);
  const gesture = useDocument((state) => state.gesture);
  const pending = useDocument((state) => state.pending);
  const fonts = useStage((state) => state.fonts);
  const show = useRef<(frame: number) => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback((frame: number) => show.current(frame), []),
    useCallback(() => undefined, []),
    'software',
    QUIET_MS,
  );
  useEffect(() => {
    show.current = (frame) => {
      if (picture?.show(frame) && canvas.current) canvas.current.dataset.shown = String(frame);
    };
  }, [picture]);

  // The large picture comes first: a new draft is asked for some time after its frame has come.
  const draft = useMemo(
    () => ({ project, live, gesture, pending, scene, fonts, row: stage.row, condition: stage.condition }),
    [project, live, gesture, pending, scene, fonts, stage.row, stage.condition],
  );
  const newest = useRef(draft);
  useEffect(() => {
    newest.current = draft;
  });
  const asked = useRef<typeof draft | null>(null);
  const waiting = useRef<ReturnType<typeof setTimeout>>(undefined);
  useEffect(
    () => () => {
      clearTimeout(waiting.current);
      waiting.current = undefined;
    },
    [picture],
  );
  useEffect(() => {
    if (!picture || stage.frames === 0 || waiting.current) return;
    waiting.current = setTimeout(() => {
      waiting.current = undefined;
      const { scene } = newest.current;
      // What went in the meantime is not asked for.
      const there = useDocument.getState().document?.scenes.find((one) => one.id === scene.id);
      if (!there?.formats.some((one) => one.id === format.id) || asked.current === newest.current) return;
      asked.current = newest.current;
      picture.frames.use(
        {
          project: project.id,
          ...draftNow(),
          scene: scene.id,
          format: format.id,
          resting: null,
          length: scene.length,
          piece: Math.max(1, Math.round(scene.rate.numerator / scene.rate.denominator)),
        },
        Math.min(useStage.getState().frame, there.length - 1),
      );
    }, AFTER_MS);
  }, [picture, stage.frames, project.id, format.id]);
  useEffect(() => {
    if (!picture) return;
    if (picture.frames.reel(stage.frame)) show.current(stage.frame);
    else if (!stage.playing && asked.current) picture.frames.want(stage.frame);
  }, [picture, stage.frame, stage.playing]);
  useEffect(() => {
    if (stage.playing) picture?.frames.ready();
  }, [picture, stage.playing]);

  const width = Math.max(16, Math.round((HEIGHT * format.width) / format.height));
  const most = 260;
  const scale = Math.min(1, most / width);
  const count = format.overrides.length;
  return (
    <button
      className={format.id === stage.shown ? 'on' : ''}
      aria-label={`Show ${format.name}`}
      aria-pressed={format.id === stage.shown}
      onClick={() => useStage.getState().set({ format: format.id })}
    >
      <span className="stripFrame" style={{ height: HEIGHT }}>
        <canvas
          ref={canvas}
          width={Math.round(width * scale * 2)}
          height={Math.round(HEIGHT * scale * 2)}
          style={{ width: width * scale, height: HEIGHT * scale }}
        />
      </span>
      <span className="stripName">
        {format.name}
        {count > 0 && <i title={`${count} of its own`}> · {count}</i>}
      </span>
    </button>
  );
}
