import { useRef, useState, type PointerEvent } from 'react';
import type { BlockView } from '../api/client';
import { useStage } from '../document/stage';

interface Box {
  left: number;
  top: number;
  width: number;
  height: number;
}

const RIBBON = 28;
const LEAST = 4;

/** Drawing a box over the bar sheet's ground chooses the ribbons that it touches. */
export function useMarquee(views: BlockView[], tops: Map<string, number>, perFrame: number) {
  const from = useRef<{ x: number; y: number } | null>(null);
  const [box, setBox] = useState<Box | null>(null);
  const at = (event: PointerEvent) => {
    const own = event.currentTarget.getBoundingClientRect();
    return { x: event.clientX - own.left, y: event.clientY - own.top };
  };
  const spanned = (event: PointerEvent): Box => {
    const [one, other] = [from.current!, at(event)];
    return {
      left: Math.min(one.x, other.x),
      top: Math.min(one.y, other.y),
      width: Math.abs(one.x - other.x),
      height: Math.abs(one.y - other.y),
    };
  };
  const handlers = {
    onPointerDown: (event: PointerEvent) => {
      // Any ground will do: that of a lane, between them, and under the last one.
      if (!(event.target instanceof Element) || !event.target.matches('svg.lane, .lanes, .lanes > div'))
        return;
      event.currentTarget.setPointerCapture(event.pointerId);
      from.current = at(event);
    },
    onPointerMove: (event: PointerEvent) => {
      if (!from.current) return;
      const now = spanned(event);
      if (box || now.width > LEAST || now.height > LEAST) setBox(now);
    },
    onPointerUp: (event: PointerEvent) => {
      if (from.current && box) {
        const now = spanned(event);
        const ids = views
          .filter((view) => {
            const top = tops.get(view.id);
            return (
              top !== undefined &&
              top < now.top + now.height &&
              top + RIBBON > now.top &&
              view.start * perFrame < now.left + now.width &&
              view.end * perFrame > now.left
            );
          })
          .map((view) => view.id);
        if (ids.length > 0) useStage.getState().set({ block: ids[0]!, others: ids.slice(1) });
      }
      from.current = null;
      setBox(null);
    },
    onPointerCancel: () => {
      from.current = null;
      setBox(null);
    },
  };
  return { box, handlers };
}
