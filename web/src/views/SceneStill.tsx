import { useEffect, useRef, useState } from 'react';
import type { Scene } from '../api/client';
import { useDocument } from '../document/store';
import { draftOf, smallSize } from '../history/states';
import { stills } from '../painter/still';

const WIDE = 96;
const HIGH = 40;
/** Small pictures leave the server to the large one and to the page for a while. */
const QUIET_MS = 1500;

/** One after the other, so that many scenes never ask at once. */
let line: Promise<unknown> = Promise.resolve();

/** A small picture of a scene as it was saved last, of its middle; drawn when it is in sight. */
export function SceneStill({ scene }: { scene: Scene }) {
  const holder = useRef<HTMLSpanElement>(null);
  const [seen, setSeen] = useState(false);
  const saved = useDocument((state) => state.saved?.scenes.find((one) => one.id === scene.id));
  useEffect(() => {
    const element = holder.current;
    if (!element) return;
    const observer = new IntersectionObserver(([entry]) => entry && setSeen(entry.isIntersecting), {
      root: element.closest('nav'),
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  useEffect(() => {
    if (!seen || !saved) return;
    let gone = false;
    const draw = async () => {
      if (gone) return;
      const { id, base } = useDocument.getState();
      const { width, height } = smallSize(saved, WIDE, HIGH);
      const middle = Math.floor((saved.length - 1) / 2);
      await stills(draftOf(id, base, saved), [middle], width, height, (canvas) => {
        if (!gone) holder.current?.replaceChildren(canvas);
      });
    };
    const timer = setTimeout(() => {
      // A scene without a picture still has its name.
      line = line.then(draw).catch(() => undefined);
    }, QUIET_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [seen, saved]);
  return <span className="sceneStill" ref={holder} aria-hidden="true" />;
}
