import { useCallback, useEffect, useRef, useState } from 'react';
import type { Scene } from '../api/client';
import { usePicture } from './usePicture';

const WIDE = 400;
const HIGH = 225;

/** A scene as it was saved at a revision; it plays while the pointer is over it. */
export function LiveScene({
  project,
  revision,
  scene,
  still,
}: {
  project: string;
  revision: number;
  /** Nothing while it is not known. */
  scene: Scene | undefined;
  /** The frame that is shown at rest. */
  still: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [over, setOver] = useState(false);
  const format = scene?.formats[0];
  const show = useRef<(frame: number) => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback((frame: number) => show.current(frame), []),
    useCallback(() => undefined, []),
    'software',
  );
  useEffect(() => {
    show.current = (frame) => {
      if (picture?.show(frame) && canvas.current) canvas.current.dataset.shown = String(frame);
    };
  }, [picture]);
  useEffect(() => {
    if (!picture || !scene || !format) return;
    picture.frames.use(
      {
        project,
        base: revision,
        operations: [],
        scene: scene.id,
        format: format.id,
        resting: null,
        length: scene.length,
        piece: Math.round(scene.rate.numerator / scene.rate.denominator),
      },
      still,
    );
  }, [picture, scene, format, project, revision, still]);
  useEffect(() => {
    if (!over || !picture || !scene) return;
    const start = performance.now();
    const rate = scene.rate.numerator / scene.rate.denominator;
    let handle = 0;
    const tick = () => {
      picture.show(Math.floor(((performance.now() - start) / 1000) * rate) % scene.length);
      handle = requestAnimationFrame(tick);
    };
    tick();
    return () => {
      cancelAnimationFrame(handle);
      picture.show(still);
    };
  }, [over, picture, scene, still]);
  return (
    <span className="cardPicture" onPointerEnter={() => setOver(true)} onPointerLeave={() => setOver(false)}>
      <canvas
        ref={canvas}
        width={WIDE}
        height={format ? Math.round((WIDE * format.height) / format.width) : HIGH}
      />
    </span>
  );
}
