import { useEffect, useRef, type PointerEvent } from 'react';
import type { Intent, Operation } from '../api/client';
import { keep } from '../document/edit';
import { useDocument } from '../document/store';

export interface Point {
  x: number;
  y: number;
}

const LEAST_PX = 3;

/**
 * Makes things in the picture draggable. What a drag changes is shown as it goes and kept at its end; Escape and a lost
 * pointer give it up, and a mere click changes nothing.
 *
 * @param at the pointer's place in px of the frame
 * @param scale screen px for one px of the frame
 */
export function useHandle(at: (event: PointerEvent<SVGElement>) => Point, scale: number) {
  const preview = useDocument((state) => state.preview);
  const drag = useRef<{ from: Point; held: unknown; moved: boolean } | null>(null);
  useEffect(() => {
    const giveUp = (event: KeyboardEvent) => {
      if (event.key === 'Escape' && drag.current) {
        drag.current = null;
        preview([]);
      }
    };
    window.addEventListener('keydown', giveUp);
    return () => window.removeEventListener('keydown', giveUp);
  }, [preview]);

  /** Handlers of one handle: what it holds when it is taken, and what has changed when the pointer is at another place. */
  return <Held>(
    take: () => Held,
    change: (held: Held, from: Point, to: Point, event: PointerEvent<SVGElement>) => Operation[] | Intent,
  ) => {
    const operations = (event: PointerEvent<SVGElement>) => {
      const { from, held } = drag.current!;
      return change(held as Held, from, at(event), event);
    };
    return {
      onPointerDown: (event: PointerEvent<SVGElement>) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { from: at(event), held: take(), moved: false };
      },
      onPointerMove: (event: PointerEvent<SVGElement>) => {
        const now = drag.current;
        if (!now) return;
        const to = at(event);
        now.moved ||= Math.hypot(to.x - now.from.x, to.y - now.from.y) * scale >= LEAST_PX;
        if (now.moved) preview(operations(event));
      },
      onPointerUp: (event: PointerEvent<SVGElement>) => {
        if (drag.current?.moved) keep(operations(event));
        drag.current = null;
      },
      onPointerCancel: () => {
        drag.current = null;
        preview([]);
      },
    };
  };
}
