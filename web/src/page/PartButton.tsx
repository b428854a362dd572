import { useEffect, useRef, type KeyboardEvent, type PointerEvent } from 'react';
import type { NumberControl, Part, Segment } from '../api/client';
import { clampTo, numberOperations } from '../document/edits';
import { shownNow, useDocument } from '../document/store';
import { fieldsOf, useFields } from '../fields/opened';
import { useOwn } from './OwnMark';
import { SegmentLook } from './SegmentLook';
import { scrubbed, stepOf, stepped, turnOf } from './parts';

const SCRUB_PX = 4;

interface Drag {
  x: number;
  value: number;
  moved: boolean;
  control: NumberControl;
}

/** An underlined part: a click opens its drawer, a sideways drag scrubs its number, arrows step it, Escape gives up a drag. */
export function PartButton({
  segment,
  part,
  open,
  origin,
  toggle,
  restore,
}: {
  segment: Segment;
  part: Part;
  open: boolean;
  /** The drawer that its changes are those of. */
  origin: string;
  toggle: () => void;
  restore: () => void;
}) {
  const drag = useRef<Drag | null>(null);
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const scrubs = scrubbed(part) !== undefined;
  const own = useOwn(part);
  const opened = fieldsOf(part, useFields());

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

  const valueAt = (event: PointerEvent, from: Drag) => {
    const steps = Math.round((event.clientX - from.x) / SCRUB_PX);
    return clampTo(from.control, from.value + steps * stepOf(from.control, event), 0);
  };
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') toggle();
    else if (event.key === 'Escape' && open && !drag.current) restore();
    else if (event.key === 'ArrowUp' || event.key === 'ArrowDown') {
      const operations = stepped(part, event.key === 'ArrowUp' ? 1 : -1, event, shownNow());
      if (operations) commit(operations, `${part.name} ${part.controls.length}`, origin);
    } else return;
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <span
      role="button"
      tabIndex={0}
      className={`part ${open ? 'open' : ''} ${scrubs ? 'scrubs' : ''} ${own.length > 0 ? 'own' : ''} ${opened.length > 0 ? 'opened' : ''}`}
      title={
        own.length > 0
          ? `Only in ${own.map((one) => one.where).join(' and ')}`
          : opened.length > 0
            ? `Open as the field ${opened.map((field) => field.name).join(', ')}`
            : undefined
      }
      data-part={part.name}
      data-turn={turnOf(part)?.place}
      aria-expanded={open}
      onKeyDown={press}
      onPointerDown={(event) => {
        const control = scrubbed(part);
        if (!control) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { x: event.clientX, value: control.value, moved: false, control };
      }}
      onPointerMove={(event) => {
        const from = drag.current;
        if (!from || (!from.moved && Math.abs(event.clientX - from.x) < SCRUB_PX)) return;
        from.moved = true;
        preview(numberOperations(from.control.edits, valueAt(event, from)));
      }}
      onPointerUp={(event) => {
        const from = drag.current;
        drag.current = null;
        if (from?.moved) {
          const value = valueAt(event, from);
          if (value === from.value) preview([]);
          else commit(numberOperations(from.control.edits, value), undefined, origin);
        } else if (from) toggle();
      }}
      onClick={() => {
        // Parts with a number were dealt with when the pointer came up.
        if (!scrubs) toggle();
      }}
      onPointerCancel={() => {
        drag.current = null;
        preview([]);
      }}
    >
      <SegmentLook segment={segment} />
    </span>
  );
}
