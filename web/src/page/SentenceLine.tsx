import { EditOutlined } from '@ant-design/icons';
import { useRef, useState, type PointerEvent, type ReactNode } from 'react';
import type { Block, Control, NumberControl, Part, Sentence } from '../api/client';
import { clampTo, numberOperations } from '../document/edits';
import { useDocument } from '../document/store';
import { PartDrawer } from './PartDrawer';
import { TypedLine } from './TypedLine';
import { TypedSetting } from './TypedSetting';

const SCRUB_PX = 4;

/** A direction as a sentence. Its parts are the controls: a click opens a drawer, a sideways drag scrubs a number. */
export function SentenceLine({
  lead,
  sentence,
  text,
  phase,
  active,
  quiet,
  short,
  typed,
}: {
  lead?: ReactNode;
  sentence: Sentence;
  text: string;
  phase?: 'arrive' | 'leave';
  active: boolean;
  quiet?: boolean;
  short: boolean;
  typed?: Block;
}) {
  const [open, setOpen] = useState<number | null>(null);
  const [typing, setTyping] = useState(false);
  const commit = useDocument((state) => state.commit);
  const part = open === null ? undefined : sentence.segments[open]?.part;
  const canType = phase !== undefined || typed?.kind === 'text';
  return (
    <div className={`direction ${quiet ? 'quietDirection' : ''}`}>
      <p className={`sentence ${short ? 'oneLine' : ''}`}>
        {lead}
        {sentence.segments.map((segment, i) =>
          segment.part && active ? (
            <PartButton
              key={i}
              text={segment.text}
              part={segment.part}
              open={open === i}
              toggle={() => setOpen(open === i ? null : i)}
            />
          ) : (
            <span key={i}>{segment.text}</span>
          ),
        )}
        {active && canType && (
          <button className="typeIt" aria-label="Type this direction" onClick={() => setTyping(true)}>
            <EditOutlined />
          </button>
        )}
        {active && phase && (
          <button
            className="typeIt"
            aria-label="Leave this move out"
            onClick={() => commit([{ op: 'remove', at: sentence.path }])}
          >
            ×
          </button>
        )}
      </p>
      {part && active && <PartDrawer part={part} close={() => setOpen(null)} />}
      {typing && phase && (
        <TypedLine
          phase={phase}
          initial={text}
          previous={sentence.path}
          close={() => setTyping(false)}
          done={(move) => {
            commit([{ op: 'set', at: sentence.path, value: move }]);
            setTyping(false);
          }}
        />
      )}
      {typing && typed?.kind === 'text' && (
        <TypedSetting block={typed} sentence={sentence} close={() => setTyping(false)} />
      )}
    </div>
  );
}

function firstNumber(part: Part): NumberControl | undefined {
  const controls = part.controls as Control[];
  const numbers = controls.filter((control): control is NumberControl => control.kind === 'number');
  if (part.name === 'pace, second') return numbers.find((control) => control.label !== 'each' && !control.derived);
  return numbers.find((control) => !control.derived);
}

function PartButton({ text, part, open, toggle }: { text: string; part: Part; open: boolean; toggle: () => void }) {
  const drag = useRef<{ x: number; value: number; moved: boolean; control: NumberControl } | null>(null);
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);

  const valueAt = (event: PointerEvent) => {
    const from = drag.current!;
    const steps = Math.round((event.clientX - from.x) / SCRUB_PX);
    const size = from.control.step * (event.shiftKey ? 10 : event.altKey ? 0.1 : 1);
    return clampTo(from.control, from.value + steps * size, 0);
  };
  return (
    <button
      className={`part ${open ? 'open' : ''} ${firstNumber(part) ? 'scrubs' : ''}`}
      data-part={part.name}
      aria-expanded={open}
      onPointerDown={(event) => {
        const control = firstNumber(part);
        if (!control) return;
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { x: event.clientX, value: control.value, moved: false, control };
      }}
      onPointerMove={(event) => {
        const from = drag.current;
        if (!from || (!from.moved && Math.abs(event.clientX - from.x) < SCRUB_PX)) return;
        from.moved = true;
        preview(numberOperations(from.control.edits, valueAt(event)));
      }}
      onPointerUp={(event) => {
        const from = drag.current;
        drag.current = null;
        if (from?.moved) {
          const value = valueAt(event);
          if (value === from.value) preview([]);
          else commit(numberOperations(from.control.edits, value));
        } else if (from) toggle();
      }}
      onClick={(event) => {
        // A click by keyboard has no pointer; those with one were dealt with when the pointer came up.
        if (event.detail === 0 || !firstNumber(part)) toggle();
      }}
      onPointerCancel={() => {
        drag.current = null;
        preview([]);
      }}
    >
      {text}
    </button>
  );
}
