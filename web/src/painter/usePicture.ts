import { useEffect, useRef, useState, type RefObject } from 'react';
import { loadCanvasKit } from './canvaskit';
import { hasCard } from './card';
import { Frames } from './frames';
import { CardPainter } from './cardPainter';
import { natives } from './natives';
import { Painter } from './painter';

/** What a picture on the screen offers to the view around it. */
export interface Picture {
  frames: Frames;
  /** Paints the frame if it is here, as it is seen while the picture stands or while it plays; tells whether it was. */
  show: (frame: number, still?: boolean) => boolean;
  /** Prepares to play on from the frame that is shown, in a quiet moment. */
  ready: (frame: number) => void;
  /** Paints without some blocks from now on. */
  leaveOut: (blocks: Set<string>) => void;
}

/** What paints a picture: the graphics card if there is one, or the processor as the exporter does. */
export type Manner = 'quickest' | 'card' | 'software';

/**
 * A picture painted on the canvas; null until the graphics library has loaded.
 *
 * @param quiet ms until it fetches more than the frame that is looked at
 */
export function usePicture(
  canvas: RefObject<HTMLCanvasElement | null>,
  arrived: (frame: number) => void,
  failed: (message: string) => void,
  manner: Manner,
  quiet?: number,
): Picture | null {
  const [picture, setPicture] = useState<Picture | null>(null);
  const callbacks = useRef({ arrived, failed });
  useEffect(() => {
    callbacks.current = { arrived, failed };
  });
  useEffect(() => {
    let gone = false;
    let painter: Painter | CardPainter | undefined;
    void loadCanvasKit().then((kit) => {
      if (gone || !canvas.current) return;
      const { paths, pictures } = natives(kit);
      const card = manner === 'card' || (manner === 'quickest' && hasCard());
      painter = new (card ? CardPainter : Painter)(kit, paths, pictures, canvas.current);
      const frames = new Frames(
        paths,
        pictures,
        (frame) => callbacks.current.arrived(frame),
        (message) => callbacks.current.failed(message),
        quiet,
      );
      const own = painter;
      let without = new Set<string>();
      setPicture({
        frames,
        show: (frame, still = false) => {
          const reel = frames.reel(frame, still);
          if (reel && !gone) own.show(reel, frame, without);
          return reel !== null;
        },
        ready: (frame) => {
          const reel = frames.reel(frame);
          if (reel && !gone && own instanceof Painter) own.ready(reel, frame, without);
        },
        leaveOut: (blocks) => {
          without = blocks;
        },
      });
    });
    return () => {
      gone = true;
      painter?.dispose();
      setPicture(null);
    };
  }, [canvas, manner, quiet]);
  return picture;
}
