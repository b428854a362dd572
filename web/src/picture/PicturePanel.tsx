import {
  memo,
  useCallback,
  useEffect,
  useLayoutEffect,
  useRef,
  useState,
  type RefObject,
  type ReactNode,
} from 'react';
import { flushSync } from 'react-dom';
import { useSearchParams } from 'react-router';
import type { BlockView, Project, Scene } from '../api/client';
import { useShallow } from 'zustand/react/shallow';
import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { versioned } from '../document/versioned';
import { addPictures } from '../document/pictureFile';
import { usePicture } from '../painter/usePicture';
import { play, scrub, warm, type Playing } from '../sound/player';
import { heardNow } from '../sound/heardNow';
import { AlignBar } from './AlignBar';
import { FormatStrip } from './FormatStrip';
import { Pace } from './pace';
import { FallingNote } from './Falling';
import { Guides } from './Guides';
import { AwayGhost } from './AwayGhost';
import { OnionSkin } from './OnionSkin';
import { Overlay } from './Overlay';
import { Transport } from './Transport';

const MARGIN = 16;
const MOST_PIXELS = 4096;
const LEAST_ZOOM = 0.05;
const MOST_ZOOM = 8;
/** Until a picture that stands is prepared to be played. */
const QUIET_MS = 700;

/** The framed view of the scene in its dark room, with the transport under it. */
export const PicturePanel = memo(function PicturePanel({
  project,
  scene,
  head,
}: {
  project: Project;
  scene: Scene;
  /** What is said above the picture. */
  head?: ReactNode;
}) {
  const [search] = useSearchParams();
  const paint = search.get('paint');
  const room = useRef<HTMLDivElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [space, setSpace] = useState({ width: 824, height: 464 });
  const stage = useStage(
    useShallow(
      ({
        format,
        scene,
        row,
        condition,
        frame,
        playing,
        editing,
        zoom,
        fonts,
        range,
        speed,
        loop,
        coarse,
      }) => ({
        coarse,
        format,
        scene,
        row,
        condition,
        frame,
        playing,
        editing,
        range,
        speed,
        loop,
        zoom,
        fonts,
      }),
    ),
  );
  const strip = useStage((state) => state.strip);
  const rulers = useStage((state) => state.rulers);
  const several = useSeveral();
  const frame = useRef<HTMLDivElement>(null);
  const sounding = useRef<Playing | null>(null);
  const live = useDocument((state) => state.live);
  const asked = useDocument((state) => state.gesture);
  const pending = useDocument((state) => state.pending);
  const fitOf = useStage((state) => state.page?.fit);
  const format = scene.formats.find((one) => one.id === stage.format) ?? scene.formats[0]!;
  const rate = scene.rate.numerator / scene.rate.denominator;

  const show = useRef<(frame: number) => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback((frame: number) => show.current(frame), []),
    useCallback((problem: string) => useStage.getState().set({ problem }), []),
    paint === 'card' || paint === 'software' ? paint : 'quickest',
  );
  useEffect(() => {
    show.current = (frame) => {
      const { playing, frame: playhead } = useStage.getState();
      const begun = performance.now();
      const shown = picture?.show(frame, !playing) ?? false;
      if (!picture || !canvas.current || !shown) return;
      canvas.current.dataset.took = (performance.now() - begun).toFixed(1);
      canvas.current.dataset.shown = String(frame);
      const whole = playing || picture.frames.isStill(frame);
      const newest = frame === playhead && picture.frames.isCurrent(frame) && whole;
      canvas.current.ariaBusy = String(!newest);
      if (newest) useStage.getState().set({ shown: useStage.getState().shown + 1 });
    };
  }, [picture]);

  // A new draft: its frame at the playhead is fetched at once, the others in quiet moments. Saving alone changes
  // nothing that is seen: the document stays the same one, so it does not count as a new draft.
  const drafted = useRef<unknown[]>([]);
  const look = useCallback(
    (at: Scene, format: string) => {
      const { id, document, live, gesture, pending } = useDocument.getState();
      const { editing, fonts, frame, row, condition } = useStage.getState();
      const wished = JSON.stringify([live, gesture, pending.map((one) => one.wish)]);
      const now = [picture, document, wished, at.id, format, row, condition, editing, fonts];
      // What went in the meantime is not asked for.
      const there = document?.scenes.find((one) => one.id === at.id);
      if (!picture || !there?.formats.some((one) => one.id === format)) return;
      if (now.every((one, i) => one === drafted.current[i])) return;
      drafted.current = now;
      if (canvas.current) canvas.current.ariaBusy = 'true';
      picture.frames.use(
        {
          project: id,
          ...draftNow(),
          scene: at.id,
          format,
          resting: editing,
          length: at.length,
          piece: Math.max(1, Math.round(at.rate.numerator / at.rate.denominator)),
          blurred: Boolean(at.blur?.shutter),
        },
        Math.min(frame, at.length - 1),
      );
    },
    [picture],
  );
  // An edit's frame is on its way while the page around it is still drawn.
  const place = useRef({ scene: scene.id, format: format.id });
  useEffect(() => {
    place.current = { scene: scene.id, format: format.id };
  });
  useEffect(
    () =>
      useDocument.subscribe(({ document, settling }) => {
        const at = document?.scenes.find((one) => one.id === place.current.scene);
        if (at && !settling) look(versioned(at), place.current.format);
      }),
    [look],
  );
  useEffect(() => {
    look(scene, format.id);
  }, [
    look,
    scene,
    project,
    live,
    asked,
    pending,
    stage.scene,
    format.id,
    stage.row,
    stage.condition,
    stage.editing,
    stage.fonts,
  ]);

  useEffect(() => {
    if (!picture || stage.playing) return;
    const here = picture.frames.reel(stage.frame, true) !== null;
    if (here) show.current(stage.frame);
    // What was playing sharply blurs as soon as the picture stands.
    if (!here || !picture.frames.isStill(stage.frame)) {
      if (canvas.current) canvas.current.ariaBusy = 'true';
      picture.frames.want(stage.frame);
    }
  }, [picture, stage.frame, stage.playing]);

  useEffect(() => {
    if (!picture || stage.playing) return;
    const quiet = setTimeout(() => picture.ready(stage.frame), QUIET_MS);
    return () => clearTimeout(quiet);
  }, [picture, project, stage.frame, stage.playing]);

  useEffect(() => {
    if (!picture || !stage.playing) return;
    const { frame: now, range, speed } = useStage.getState();
    const first = range?.from ?? 0;
    const length = (range ? Math.min(range.to, scene.length) : scene.length) - first;
    const inside = now >= first && now < first + length - 1;
    const from = inside ? now - first : 0;
    const pace = new Pace(1000 / rate / speed);
    const stretch = { first: first / rate, length: length / rate, loop: stage.loop };
    const clock = play(heardNow(useStage.getState()), stretch, from / rate, speed);
    sounding.current = clock;
    let last = from;
    let dropped = 0;
    let handle = 0;
    const tick = () => {
      let frame = Math.floor(clock.elapsed() * rate + 1e-6);
      if (room.current) room.current.dataset.clock = clock.heard() ? 'sound' : 'sight';
      if (frame >= length) {
        if (!stage.loop) {
          useStage.getState().set({ frame: first + length - 1, playing: false });
          return;
        }
        frame %= length;
      }
      if (frame !== last) {
        const step = (frame - last + length) % length;
        const begun = performance.now();
        const here = picture.show(first + frame);
        dropped += here ? step - 1 : step;
        if (canvas.current) canvas.current.ariaBusy = String(!here);
        const coarse = pace.took(performance.now() - begun);
        last = frame;
        useStage.getState().set({ frame: first + frame, dropped, coarse });
      }
      handle = requestAnimationFrame(tick);
    };
    handle = requestAnimationFrame(tick);
    return () => {
      cancelAnimationFrame(handle);
      clock.stop();
      useStage.getState().set({ coarse: 1 });
      sounding.current = null;
    };
  }, [picture, stage.playing, stage.range, stage.speed, stage.loop, scene.length, rate]);

  const heard = useStage(heardNow);
  useEffect(() => sounding.current?.change(heard), [heard]);
  const scrubbed = useRef(stage.frame);
  useEffect(() => {
    // The playhead is heard as it is moved; when a scene is opened it was not.
    if (!stage.playing && scrubbed.current !== stage.frame && stage.frame > 0)
      scrub(heard, stage.frame / rate);
    scrubbed.current = stage.frame;
    if (!stage.playing) warm(heard, stage.frame / rate);
  }, [heard, stage.frame, stage.playing, rate]);

  useLayoutEffect(() => {
    if (!room.current) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSpace({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    observer.observe(room.current);
    return () => observer.disconnect();
  }, []);

  const fit = Math.min(
    (space.width - 2 * MARGIN) / format.width,
    (space.height - 2 * MARGIN) / format.height,
  );
  const scale = stage.zoom === 'fit' ? Math.max(0.02, fit) : stage.zoom;
  const width = Math.round(format.width * scale);
  const height = Math.round(format.height * scale);
  const pixels = Math.min(window.devicePixelRatio || 1, MOST_PIXELS / Math.max(width, height));
  // A canvas is empty when its size has changed.
  useLayoutEffect(() => {
    picture?.show(useStage.getState().frame, !useStage.getState().playing);
  }, [picture, width, height, stage.coarse]);
  const alone = useStage((state) => state.alone);
  useEffect(() => {
    const left = alone.length > 0 ? scene.blocks.filter((block) => !alone.includes(block.id)) : [];
    picture?.leaveOut(new Set(left.map((block) => block.id)));
    picture?.show(useStage.getState().frame, !useStage.getState().playing);
  }, [picture, alone, scene]);
  const zoomed = stage.zoom !== 'fit';
  useLayoutEffect(() => {
    const element = room.current;
    if (!element || !zoomed) return;
    // Zoomed by the button the picture is in the middle; the wheel then moves it under the pointer.
    element.scrollLeft = (element.scrollWidth - element.clientWidth) / 2;
    element.scrollTop = (element.scrollHeight - element.clientHeight) / 2;
  }, [zoomed]);
  useWheelZoom(room, scale);

  return (
    <section
      className="room"
      aria-label="The picture"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void addPictures(scene, [...event.dataTransfer.files]).then((problem) =>
          useStage.getState().set({ problem }),
        );
      }}
    >
      {head}
      <div className={`stage ${stage.zoom === 'fit' ? '' : 'zoomed'}`} ref={room}>
        <div className="frame" ref={frame} style={{ width, height }}>
          <canvas
            ref={canvas}
            width={Math.round((width * pixels) / stage.coarse)}
            height={Math.round((height * pixels) / stage.coarse)}
            style={{ width, height }}
          />
          <FallingNote canvas={canvas} scene={scene} />
          <OnionSkin project={project} scene={scene} format={format} width={width} height={height} />
          <AwayGhost scene={scene} format={format} width={width} height={height} />
          <Overlay scene={scene} format={format} scale={scale} />
          {rulers && <Guides scene={scene} format={format} scale={scale} frame={frame} />}
        </div>
      </div>
      {alone.length > 0 && (
        <button className="onlyThese" onClick={() => useStage.getState().set({ alone: [] })}>
          {alone.length === 1 ? 'One block' : `${alone.length} blocks`} alone · show all
        </button>
      )}
      {several.length > 1 && fitOf && <AlignBar views={several} scene={scene} fit={fitOf} />}
      {strip && scene.formats.length > 1 && <FormatStrip project={project} scene={scene} />}
      <Transport scene={scene} scale={scale} />
    </section>
  );
});

/** The chosen blocks when there are several, the first chosen first. */
function useSeveral(): BlockView[] {
  const { block, others, page } = useStage(
    useShallow(({ block, others, page }) => ({ block, others, page })),
  );
  return [block, ...others].flatMap((id) => page?.blocks.find((view) => view.id === id) ?? []);
}

/** Ctrl and the wheel zoom the picture; the point under the pointer stays where it is. */
function useWheelZoom(room: RefObject<HTMLDivElement | null>, scale: number): void {
  const now = useRef(scale);
  useLayoutEffect(() => {
    now.current = scale;
  });
  useEffect(() => {
    const element = room.current;
    if (!element) return;
    const zoom = (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      const frame = element.querySelector('.frame')!.getBoundingClientRect();
      const across = (event.clientX - frame.left) / frame.width;
      const down = (event.clientY - frame.top) / frame.height;
      const next = Math.max(
        LEAST_ZOOM,
        Math.min(MOST_ZOOM, now.current * (event.deltaY < 0 ? 1.15 : 1 / 1.15)),
      );
      flushSync(() => useStage.getState().set({ zoom: next }));
      const after = element.querySelector('.frame')!.getBoundingClientRect();
      element.scrollLeft += after.left + across * after.width - event.clientX;
      element.scrollTop += after.top + down * after.height - event.clientY;
    };
    element.addEventListener('wheel', zoom, { passive: false });
    return () => element.removeEventListener('wheel', zoom);
  }, [room]);
}
