import { useCallback, useEffect, useRef, useState } from 'react';
import type { Block, Scene } from '../api/client';
import { draftNow } from '../document/store';
import { wishOf } from '../document/wishes';
import type { PhaseName } from '../document/phases';
import { usePicture } from '../painter/usePicture';
import { cardFrame, cardLength, type Offer } from './library';

/** A move on the user's own words. It stands in the middle of its way, and plays while it is pointed at or chosen. */
export function MoveCard({
  offer,
  project,
  scene,
  block,
  phase,
  chosen,
  choose,
  use,
}: {
  offer: Offer;
  project: string;
  scene: Scene;
  block: Block;
  phase: PhaseName;
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
    const still = cardFrame(phase);
    shown.current = () => {
      if (picture.show(still) && canvas.current) canvas.current.dataset.shown = String(still);
    };
    if (canvas.current) delete canvas.current.dataset.shown;
    const draft = draftNow();
    const moves = offer.moves as never[];
    const card = wishOf({
      kind: 'showMoves',
      scene: scene.id,
      block: block.id,
      phase,
      moves,
      length: cardLength(phase),
    });
    picture.frames.use(
      {
        project,
        ...draft,
        wishes: [...draft.wishes, card],
        scene: scene.id,
        format: 'card',
        resting: null,
        length: cardLength(phase),
        piece: 24,
      },
      still,
    );
  }, [picture, near, project, scene, block, phase, offer]);

  const playing = over || chosen;
  useEffect(() => {
    if (!playing || !picture) return;
    const rate = scene.rate.numerator / scene.rate.denominator;
    const began = performance.now();
    let next = 0;
    const step = () => {
      const frame = Math.floor(((performance.now() - began) / 1000) * rate) % cardLength(phase);
      if (picture.show(frame) && canvas.current) canvas.current.dataset.shown = String(frame);
      next = requestAnimationFrame(step);
    };
    next = requestAnimationFrame(step);
    return () => {
      cancelAnimationFrame(next);
      shown.current();
    };
  }, [playing, picture, scene.rate, phase]);

  useEffect(() => {
    if (chosen) self.current?.scrollIntoView({ block: 'nearest' });
  }, [chosen]);

  return (
    <button
      ref={self}
      className={`moveCard ${chosen ? 'chosen' : ''}`}
      role="option"
      aria-selected={chosen}
      data-move={offer.name}
      tabIndex={-1}
      onPointerEnter={() => setOver(true)}
      onPointerLeave={() => setOver(false)}
      onClick={choose}
      onDoubleClick={use}
    >
      <canvas ref={canvas} width={480} height={183} />
      <b>{offer.name}</b>
      <i>{offer.note || offer.sentences.join(' ')}</i>
    </button>
  );
}
