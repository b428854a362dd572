import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Intent, Operation } from '../api/client';
import { arrowOf } from '../document/stepping';
import { keep } from '../document/edit';
import { repeats } from '../document/repeats';
import { useDocument } from '../document/store';

export interface Point {
  x: number;
  y: number;
}

/** How a handle is taken by keys: its name, and where it is, px of the frame. */
export interface Keyed {
  label: string;
  spot: Point;
}

/** The keys that are held beside a drag and change what it means. */
type HeldKeys = Pick<PointerEvent, 'shiftKey' | 'altKey' | 'ctrlKey' | 'metaKey'>;
const PLAIN: HeldKeys = { shiftKey: false, altKey: false, ctrlKey: false, metaKey: false };

const LEAST_PX = 3;

/**
 * Makes things in the picture draggable. What a drag changes is shown as it goes and kept at its end; Escape and a lost
 * pointer give it up, and a mere click changes nothing. A handle that has a name is moved by arrow keys too, a px at a time.
 *
 * @param at the pointer's place in px of the frame
 * @param scale screen px for one px of the frame
 */
export function useHandle(at: (event: PointerEvent<SVGElement>) => Point, scale: number) {
  const preview = useDocument((state) => state.preview);
  const [step] = useState(repeats);
  const drag = useRef<{ from: Point; held: unknown; moved: boolean } | null>(null);
  useEffect(() => {
    const giveUp = (event: globalThis.KeyboardEvent) => {
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
    change: (held: Held, from: Point, to: Point, event: HeldKeys) => Operation[] | Intent,
    keyed?: Keyed,
  ) => {
    const operations = (event: PointerEvent<SVGElement>) => {
      const { from, held } = drag.current!;
      return change(held as Held, from, at(event), event);
    };
    return {
      ...(keyed && {
        role: 'button',
        tabIndex: 0,
        'aria-label': `${keyed.label}; arrow keys move it`,
        onKeyDown: (event: KeyboardEvent) => {
          const by = arrowOf(event);
          if (!by) return;
          event.preventDefault();
          event.stopPropagation();
          step(
            `keys ${keyed.label}`,
            by,
            () => ({ held: take(), spot: keyed.spot }),
            ({ held, spot }, far) => change(held, spot, { x: spot.x + far.x, y: spot.y + far.y }, PLAIN),
          );
        },
      }),
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
