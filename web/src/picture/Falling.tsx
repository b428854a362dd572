import { useEffect, useState, type RefObject } from 'react';
import { getJson } from '../api/client';

/** Between two questions, while a frame is waited for. */
const EVERY_MS = 500;

interface Falling {
  computed: number;
  asked: number;
}

/** Says how far what falls has been computed, while the picture waits for it: until then it shows the last frame that is there. */
export function FallingNote({ canvas }: { canvas: RefObject<HTMLCanvasElement | null> }) {
  const [falling, setFalling] = useState<Falling | null>(null);
  useEffect(() => {
    let waited = 0;
    let gone = false;
    const ask = async () => {
      const waiting = canvas.current?.ariaBusy === 'true';
      waited = waiting ? waited + 1 : 0;
      // What comes at once needs no words.
      const answer = waited > 1 ? await getJson<Falling>('/api/falling').catch(() => null) : null;
      if (!gone) setFalling(answer && answer.asked > answer.computed ? answer : null);
    };
    const timer = setInterval(() => void ask(), EVERY_MS);
    return () => {
      gone = true;
      clearInterval(timer);
    };
  }, [canvas]);
  if (!falling) return null;
  return (
    <p className="falling" role="status">
      computing the fall: frame {falling.computed} of {falling.asked}
    </p>
  );
}
