import { useEffect, useRef, useState } from 'react';

const KEPT = 'knollwind.sheet';
const USUAL = 236;
const LEAST = 130;
/** What the picture and the page keep, px. */
const ABOVE = 320;
const STEP = 24;

/** The upper edge of the bar sheet: dragged, it makes room for more rows. How tall it was made is kept in this browser. */
export function SheetEdge() {
  const drag = useRef<{ y: number; tall: number } | null>(null);
  const tall = useRef(USUAL);
  const [told, setTold] = useState(USUAL);
  const make = (wanted: number) => {
    tall.current = Math.round(Math.max(LEAST, Math.min(window.innerHeight - ABOVE, wanted)));
    document.documentElement.style.setProperty('--sheet', `${tall.current}px`);
    setTold(tall.current);
  };
  const keep = () => localStorage.setItem(KEPT, String(tall.current));
  useEffect(() => {
    const kept = Number(localStorage.getItem(KEPT));
    if (kept > 0) make(kept);
  }, []);
  return (
    <div
      className="sheetEdge"
      role="separator"
      aria-label="Height of the bar sheet"
      aria-orientation="horizontal"
      aria-valuenow={told}
      aria-valuemin={LEAST}
      tabIndex={0}
      title="Drag to make the bar sheet taller; double click for the usual height"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        drag.current = { y: event.clientY, tall: tall.current };
      }}
      onPointerMove={(event) => drag.current && make(drag.current.tall + drag.current.y - event.clientY)}
      onPointerUp={() => {
        drag.current = null;
        keep();
      }}
      onDoubleClick={() => {
        make(USUAL);
        keep();
      }}
      onKeyDown={(event) => {
        if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
        event.preventDefault();
        event.stopPropagation();
        make(tall.current + (event.key === 'ArrowUp' ? STEP : -STEP));
        keep();
      }}
    />
  );
}
