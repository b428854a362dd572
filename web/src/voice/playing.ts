import { useCallback, useEffect, useRef, useState } from 'react';
import type { Sound } from '../api/client';
import { play, type Playing } from '../sound/player';

/** Playing a stretch of a recording, once or again and again. */
export interface Stretch {
  from: number;
  to: number;
  loop: boolean;
}

/**
 * Plays the room's recording, and tells at which second it is.
 *
 * @param at second at which it is first
 */
export function useRecording(sound: Sound, at: number) {
  const [second, setSecond] = useState(at);
  const [going, setGoing] = useState<Stretch | null>(null);
  const playing = useRef<Playing | null>(null);
  const { sha256, seconds, level = 0 } = sound;
  useEffect(() => {
    if (!going) return;
    const heard = [{ id: 'room', sha256, at: 0, from: 0, seconds, gain: 10 ** (level / 20), gains: [] }];
    const length = going.to - going.from;
    const own = play(heard, { first: going.from, length, loop: going.loop }, 0, 1);
    playing.current = own;
    let handle = requestAnimationFrame(function tick() {
      const elapsed = own.elapsed();
      if (elapsed >= length && !going.loop) {
        setSecond(going.to);
        setGoing(null);
        return;
      }
      setSecond(going.from + (elapsed % length));
      handle = requestAnimationFrame(tick);
    });
    return () => {
      cancelAnimationFrame(handle);
      own.stop();
    };
  }, [going, sha256, seconds, level]);
  const start = useCallback(
    (from: number, to: number, loop = false) => setGoing({ from, to: Math.max(to, from + 0.05), loop }),
    [],
  );
  const stop = useCallback(() => setGoing(null), []);
  return { second, setSecond, going, start, stop };
}
