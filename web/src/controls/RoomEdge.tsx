import { useEffect, useRef, useState } from 'react';

const STEP = 24;

/** What a part of the workbench is given of its room, and how that is kept in this browser. */
export interface Room {
  /** The style variable that holds it. */
  variable: string;
  kept: string;
  label: string;
  /** Which way it grows when its edge is dragged. */
  grows: 'up' | 'right';
  /** px */
  usual: number;
  least: number;
  /** What the others keep, px. */
  others: number;
}

/** The edge of a part of the workbench: dragged, or moved by arrows, it makes that part larger. */
export function RoomEdge({ room, className }: { room: Room; className: string }) {
  const { variable, kept, label, grows, usual, least, others } = room;
  const upwards = grows === 'up';
  const drag = useRef<{ from: number; size: number } | null>(null);
  const size = useRef(usual);
  const [told, setTold] = useState(usual);
  const make = (wanted: number) => {
    const most = (upwards ? window.innerHeight : window.innerWidth) - others;
    size.current = Math.round(Math.max(least, Math.min(most, wanted)));
    document.documentElement.style.setProperty(variable, `${size.current}px`);
    setTold(size.current);
  };
  const keep = () => localStorage.setItem(kept, String(size.current));
  const begin = useRef(make);
  useEffect(() => {
    const before = Number(localStorage.getItem(kept));
    if (before > 0) begin.current(before);
  }, [kept]);
  const at = (event: { clientX: number; clientY: number }) => (upwards ? -event.clientY : event.clientX);
  const [more, fewer] = upwards ? ['ArrowUp', 'ArrowDown'] : ['ArrowRight', 'ArrowLeft'];
  return (
    <div
      className={className}
      role="separator"
      aria-label={label}
      aria-orientation={upwards ? 'horizontal' : 'vertical'}
      aria-valuenow={told}
      aria-valuemin={least}
      tabIndex={0}
      title="Drag it to make room; double click for the usual size"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { from: at(event), size: size.current };
      }}
      onPointerMove={(event) => drag.current && make(drag.current.size + at(event) - drag.current.from)}
      onPointerUp={() => {
        drag.current = null;
        keep();
      }}
      onDoubleClick={() => {
        make(usual);
        keep();
      }}
      onKeyDown={(event) => {
        if (event.key !== more && event.key !== fewer) return;
        event.preventDefault();
        event.stopPropagation();
        make(size.current + (event.key === more ? STEP : -STEP));
        keep();
      }}
    />
  );
}
