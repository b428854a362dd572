import { useEffect, useRef, useState, type RefObject } from 'react';
import { loadCanvasKit } from './canvaskit';
import { hasCard } from './card';
import { Frames } from './frames';
import { Painter } from './painter';
import { natives } from './natives';
import { Thumbnail } from './thumbnail';

/** What a picture on the screen offers to the view around it. */
export interface Picture {
  frames: Frames;
  /** Paints the frame if it is here, as it is seen while the picture stands or while it plays; tells whether it was. */
  show: (frame: number, still?: boolean) => boolean;
}

/**
 * How a picture is painted: by the graphics card if there is one, by the processor as the exporter does, or small and many at
 * once.
 */
export type Manner = 'quickest' | 'card' | 'software' | 'thumbnail';

/** A picture painted on the canvas; null until the graphics library has loaded. */
export function usePicture(
  canvas: RefObject<HTMLCanvasElement | null>,
  arrived: (frame: number) => void,
  failed: (message: string) => void,
  manner: Manner,
): Picture | null {
  const [picture, setPicture] = useState<Picture | null>(null);
  const callbacks = useRef({ arrived, failed });
  useEffect(() => {
    callbacks.current = { arrived, failed };
  });
  useEffect(() => {
    let gone = false;
    let painter: Painter | Thumbnail | undefined;
    void loadCanvasKit().then((kit) => {
      if (gone || !canvas.current) return;
      const { paths, pictures } = natives(kit);
      painter =
        manner === 'thumbnail'
          ? new Thumbnail(kit, paths, pictures, canvas.current)
          : new Painter(
              kit,
              paths,
              pictures,
              canvas.current,
              manner === 'quickest' ? hasCard() : manner === 'card',
            );
      const frames = new Frames(
        paths,
        pictures,
        (frame) => callbacks.current.arrived(frame),
        (message) => callbacks.current.failed(message),
      );
      const own = painter;
      setPicture({
        frames,
        show: (frame, still = false) => {
          const reel = frames.reel(frame, still);
          if (reel && !gone) own.show(reel, frame);
          return reel !== null;
        },
      });
    });
    return () => {
      gone = true;
      painter?.dispose();
      setPicture(null);
    };
  }, [canvas, manner]);
  return picture;
}
