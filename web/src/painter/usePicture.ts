import { useEffect, useRef, useState, type RefObject } from 'react';
import { loadCanvasKit } from './canvaskit';
import { Frames } from './frames';
import { Painter } from './painter';
import { Paths } from './paths';

let shared: Paths | undefined;

/** What a picture on the screen offers to the view around it. */
export interface Picture {
  frames: Frames;
  /** Paints the frame if it is here; tells whether it was. */
  show: (frame: number) => boolean;
}

/** A picture painted on the canvas; null until the graphics library has loaded. */
export function usePicture(
  canvas: RefObject<HTMLCanvasElement | null>,
  arrived: (frame: number) => void,
  failed: (message: string) => void,
  software: boolean,
): Picture | null {
  const [picture, setPicture] = useState<Picture | null>(null);
  const callbacks = useRef({ arrived, failed });
  useEffect(() => {
    callbacks.current = { arrived, failed };
  });
  useEffect(() => {
    let gone = false;
    let painter: Painter | undefined;
    void loadCanvasKit().then((kit) => {
      if (gone || !canvas.current) return;
      shared ??= new Paths(kit);
      painter = new Painter(kit, shared, canvas.current, software);
      const frames = new Frames(
        shared,
        (frame) => callbacks.current.arrived(frame),
        (message) => callbacks.current.failed(message),
      );
      const own = painter;
      setPicture({
        frames,
        show: (frame) => {
          const reel = frames.reel(frame);
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
  }, [canvas, software]);
  return picture;
}
