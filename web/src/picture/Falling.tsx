import { useEffect, useState, type RefObject } from 'react';
import { api, getJson, type Scene } from '../api/client';

/** Between two questions. */
const EVERY_MS = 500;

/** So often it is asked, after a change, whether anything falls: what falls begins when its picture is made. */
const QUIET = 6;

interface Falling {
  computed: number;
  asked: number;
  ahead: boolean;
}

const hasWeight = (scene: Scene) =>
  scene.blocks.some(
    (block) => block.kind === 'text' && block.dress?.some((dressing) => dressing.kind === 'weight'),
  );

/**
 * Says how far what falls has been computed: while the picture waits for it, which shows the last frame that is there until then, and while later
 * frames are computed before anyone asks.
 */
export function FallingNote({
  canvas,
  scene,
}: {
  canvas: RefObject<HTMLCanvasElement | null>;
  scene: Scene;
}) {
  const [falling, setFalling] = useState<Falling | null>(null);
  useEffect(() => {
    let waited = 0;
    let quiet = hasWeight(scene) ? 0 : QUIET;
    let gone = false;
    const ask = async () => {
      const waiting = canvas.current?.ariaBusy === 'true';
      waited = waiting ? waited + 1 : 0;
      // What comes at once needs no words.
      const asks = waited > 1 || quiet < QUIET;
      const answer = asks ? await getJson<Falling>('/api/falling').catch(() => null) : null;
      const now = answer && answer.asked > answer.computed ? answer : null;
      quiet = now ? 0 : quiet + 1;
      if (!gone) setFalling(now);
    };
    const timer = setInterval(() => void ask(), EVERY_MS);
    return () => {
      gone = true;
      clearInterval(timer);
    };
  }, [canvas, scene]);
  if (!falling) return null;
  return (
    <p className="falling" role="status">
      computing the fall{falling.ahead && ' ahead'}: frame {falling.computed} of {falling.asked}
      {falling.ahead && (
        <button
          onClick={() => void api.DELETE('/api/falling').then(() => setFalling(null))}
          title="Later frames are computed when they are asked for"
        >
          stop
        </button>
      )}
    </p>
  );
}
