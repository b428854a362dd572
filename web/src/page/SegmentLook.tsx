import type { Segment } from '../api/client';

/** A tiny curve, px. */
const WIDE = 22;
const HIGH = 11;
/** Room for its line at the edges. */
const EDGE = 1.5;

/** How a stretch of a sentence is seen: its colours, its curve and its words. */
export function SegmentLook({ segment }: { segment: Segment }) {
  const { look, text } = segment;
  if (!look) return text;
  return (
    <>
      {look.stops.length > 0 && (
        <i
          className={`strip ${look.stops.length > 1 ? 'wide' : ''}`}
          aria-hidden
          style={{ background: background(look.stops) }}
        />
      )}
      {look.curve.length > 0 && (
        <svg className="tinyCurve" width={WIDE} height={HIGH} aria-hidden>
          <path d={outline(look.curve)} />
        </svg>
      )}
      {look.words ?? text}
    </>
  );
}

function background(stops: { colour: string; at: number }[]): string {
  if (stops.length === 1) return stops[0]!.colour;
  return `linear-gradient(90deg, ${stops.map((stop) => `${stop.colour} ${stop.at * 100}%`).join(', ')})`;
}

function outline(values: number[]): string {
  const least = Math.min(...values);
  const room = Math.max(...values) - least || 1;
  return values
    .map((value, i) => {
      const x = EDGE + (i / (values.length - 1)) * (WIDE - 2 * EDGE);
      const y = HIGH - EDGE - ((value - least) / room) * (HIGH - 2 * EDGE);
      return `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
    })
    .join('');
}
