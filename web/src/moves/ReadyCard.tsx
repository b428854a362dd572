import { useCallback, useEffect, useRef, useState } from 'react';
import type { Intent, Scene } from '../api/client';
import { draftNow } from '../document/store';
import { lookOf } from '../document/wishes';
import { usePicture } from '../painter/usePicture';

/** Something ready-made that can be chosen. */
export interface Ready {
  id: string;
  name: string;
  note: string;
  /** What shows it on a card of the user's own words; the same one as long as it shows the same. */
  wish: Intent;
}

/** Something ready-made on the user's own words. It stands still at a frame, and plays while it is pointed at or chosen. */
export function ReadyCard({
  ready,
  project,
  scene,
  length,
  still,
  chosen,
  choose,
  use,
}: {
  ready: Ready;
  project: string;
  scene: Scene;
  /** Frames that the card lasts. */
  length: number;
  /** The frame at which it stands. */
  still: number;
  chosen: boolean;
  choose: () => void;
  use: () => void;
}) {
  const self = useRef<HTMLButtonElement>(null);
  const canvas = useRef<HTMLCanvasElement>(null);
  const [near, setNear] = useState(false);
  const [over, setOver] = useState(false);
  const picture = usePicture(
    canvas,
    useCallback(() => {
      if (!canvas.current?.dataset.shown) shown.current();
    }, []),
    useCallback(() => undefined, []),
    'software',
  );
  const shown = useRef(() => undefined as void);

  useEffect(() => {
    const watcher = new IntersectionObserver(
      (seen) => seen.some((one) => one.isIntersecting) && setNear(true),
      {
        rootMargin: '200px',
      },
    );
    if (self.current) watcher.observe(self.current);
    return () => watcher.disconnect();
  }, []);

  useEffect(() => {
    if (!picture || !near) return;
    shown.current = () => {
      if (picture.show(still) && canvas.current) canvas.current.dataset.shown = String(still);
    };
    if (canvas.current) delete canvas.current.dataset.shown;
    const draft = draftNow();
    const card = lookOf(ready.wish);
    picture.frames.use(
      {
        project,
        ...draft,
        wishes: [...draft.wishes, card],
        scene: scene.id,
        format: 'card',
        resting: null,
        length,
        piece: 24,
      },
      still,
    );
  }, [picture, near, project, scene, ready.wish, length, still]);

  const playing = over || chosen;
  useEffect(() => {
    if (!playing || !picture) return;
    const rate = scene.rate.numerator / scene.rate.denominator;
    const began = performance.now();
    let next = 0;
    const step = () => {
      const frame = Math.floor(((performance.now() - began) / 1000) * rate) % length;
      if (picture.show(frame) && canvas.current) canvas.current.dataset.shown = String(frame);
      next = requestAnimationFrame(step);
    };
    next = requestAnimationFrame(step);
    return () => {
      cancelAnimationFrame(next);
      shown.current();
    };
  }, [playing, picture, scene.rate, length]);

  useEffect(() => {
    if (chosen) self.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);

  return (
    <button
      ref={self}
      className={`moveCard ${chosen ? 'chosen' : ''}`}
      role="option"
      aria-selected={chosen}
      data-move={ready.name}
      tabIndex={-1}
      onPointerEnter={() => setOver(true)}
      onPointerLeave={() => setOver(false)}
      onClick={choose}
      onDoubleClick={use}
    >
      <canvas ref={canvas} width={480} height={183} />
      <b>{ready.name}</b>
      <i>{ready.note}</i>
    </button>
  );
}
