import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import type { Draft } from '../painter/frames';
import type { Heard } from '../api/client';
import { useStage } from '../document/stage';
import { play, type Playing } from '../sound/player';
import { usePicture } from '../painter/usePicture';

/** Frames beyond the next that are there before it goes on after waiting. */
const READY = 8;

/**
 * Plays frames into a canvas of its own, apart from the workbench: none is skipped, what has not come yet is waited for.
 *
 * @param draft what is shown; null until that is known
 * @param rate frames a second
 * @param heard the same as long as nothing of it changes
 * @param begun whether it plays at once
 */
export function useScreening(
  canvas: RefObject<HTMLCanvasElement | null>,
  draft: Draft | null,
  rate: number,
  heard: Heard[],
  begun: boolean,
) {
  const [problem, setProblem] = useState('');
  const [frame, setFrame] = useState(0);
  const [playing, setPlaying] = useState(begun);
  const shown = useRef<(at: number) => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback((at: number) => shown.current(at), []),
    setProblem,
    'quickest',
  );
  const first = useRef(0);
  useEffect(() => {
    first.current = frame;
    shown.current = (at) => {
      if (at === first.current && picture?.show(at) && canvas.current)
        canvas.current.dataset.shown = String(at);
    };
  });
  useEffect(() => {
    if (picture && draft) picture.frames.use(draft, first.current);
  }, [picture, draft]);
  useEffect(() => {
    if (!picture || !draft || playing) return;
    if (picture.frames.reel(frame)) shown.current(frame);
    else picture.frames.want(frame);
  }, [picture, draft, playing, frame]);
  useEffect(() => {
    if (!picture || !draft || !playing) return;
    const end = draft.length - 1;
    const stretch = { first: 0, length: draft.length / rate, loop: false };
    const sounds = useStage.getState().sound ? heard : [];
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
        clock = play(sounds, stretch, next / rate, 1);
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
  }, [picture, canvas, draft, playing, rate, heard]);
  return { frame, setFrame, playing, setPlaying, problem, setProblem };
}
