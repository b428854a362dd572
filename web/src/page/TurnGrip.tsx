import { HolderOutlined } from '@ant-design/icons';
import { useRef, useState } from 'react';
import type { TurnControl } from '../api/client';
import { useDocument } from '../document/store';

/** Before what stands in a list within a sentence: dragged onto another of the list it takes that one's turn, with arrow keys too. */
export function TurnGrip({ control, what }: { control: TurnControl; what: string }) {
  const commit = useDocument((state) => state.commit);
  const from = useRef<HTMLElement | null>(null);
  const [onto, setOnto] = useState<HTMLElement | null>(null);
  const take = (place: number) => {
    const chosen = control.places[place];
    if (chosen && place !== control.place) commit(chosen.operations);
  };
  const under = (event: React.PointerEvent) => {
    const part = document
      .elementFromPoint(event.clientX, event.clientY)
      ?.closest<HTMLElement>('.part[data-turn]');
    return part && from.current?.closest('.sentence')?.contains(part) ? part : null;
  };
  const point = (part: HTMLElement | null) => {
    onto?.classList.remove('turnHere');
    part?.classList.add('turnHere');
    setOnto(part);
  };
  const end = () => {
    point(null);
    from.current = null;
  };
  return (
    <button
      className="turnGrip"
      title="Drag it onto another to put it on in that one's turn"
      aria-label={`${what}, put on as number ${control.place + 1}; arrow keys move it`}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = event.currentTarget;
      }}
      onPointerMove={(event) => from.current && point(under(event))}
      onPointerUp={(event) => {
        const part = from.current && under(event);
        end();
        if (part) take(Number(part.dataset.turn));
      }}
      onPointerCancel={end}
      onKeyDown={(event) => {
        const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[event.key];
        if (!by) return;
        event.preventDefault();
        event.stopPropagation();
        take(control.place + by);
      }}
    >
      <HolderOutlined />
    </button>
  );
}
