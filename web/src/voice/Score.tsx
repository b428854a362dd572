import { memo, useEffect, useMemo, useState, type RefObject } from 'react';
import type { Scene, VoiceWord } from '../api/client';
import { BRACKET_HEIGHT, Brackets, type Bracket } from './Brackets';
import { STAVE, type Line } from './lines';
import { Stave, STAVE_HEIGHT, type Edge } from './Stave';

/** Staves that are drawn before and after those in sight. */
const SPARE = 2;
/** Px at the side of a stave that its line has not. */
const SIDE = 110;

/** What all staves have and can do: the same as long as nothing of it changes, so that a stave that is there stays as it is. */
interface Common {
  scene: Scene;
  words: VoiceWord[];
  pairs: Int8Array | null;
  edges: number[];
  /** Captions over the staves; null where there are none. */
  brackets: Bracket[] | null;
  frameAt: (second: number) => number;
  choose: (word: number) => void;
  type: (word: number | null) => void;
  typed: (word: VoiceWord, text: string) => void;
  move: (word: VoiceWord, edge: Edge, second: number) => void;
  go: (second: number) => void;
}

export const staveHeight = (captioned: boolean) => STAVE_HEIGHT + (captioned ? BRACKET_HEIGHT : 0);

/** The spoken lines under one another, those in sight drawn: scrolling draws only what comes into it. */
export const Score = memo(function Score({
  box,
  lines,
  here,
  second,
  typing,
  ...common
}: Common & {
  /** What scrolls. */
  box: RefObject<HTMLDivElement | null>;
  lines: Line[];
  /** Index of the chosen word. */
  here: number;
  second: number;
  typing: boolean;
}) {
  const [sheet, setSheet] = useState({ top: 0, height: 600, width: 900 });
  const high = staveHeight(common.brackets !== null);
  useEffect(() => {
    const element = box.current;
    if (!element) return;
    const seen = new ResizeObserver(() =>
      setSheet((now) => ({ ...now, height: element.clientHeight, width: element.clientWidth })),
    );
    seen.observe(element);
    return () => seen.disconnect();
  }, [box]);
  const perSecond = Math.max(60, (sheet.width - SIDE) / STAVE);
  const from = Math.max(0, Math.floor(sheet.top / high) - SPARE);
  const to = Math.min(lines.length, Math.ceil((sheet.top + sheet.height) / high) + 1 + SPARE);
  return (
    <div
      className="staves"
      ref={box}
      role="group"
      aria-label="Words of the voice"
      onScroll={(event) => {
        // Drawn anew when other staves come into sight, not at every px.
        const top = Math.floor(event.currentTarget.scrollTop / high) * high;
        setSheet((now) => (now.top === top ? now : { ...now, top }));
      }}
    >
      <div style={{ height: lines.length * high, position: 'relative' }}>
        {lines.slice(from, to).map((line, i) => {
          const chosen = line.first <= here && here < line.last;
          return (
            <Row
              key={common.words[line.first]!.id}
              {...common}
              line={line}
              top={(from + i) * high}
              perSecond={perSecond}
              chosen={chosen ? here : -1}
              second={line.from <= second && second <= line.to ? second : null}
              typing={typing && chosen}
            />
          );
        })}
      </div>
    </div>
  );
});

const Row = memo(function Row({
  scene,
  brackets,
  frameAt,
  top,
  ...stave
}: Common & {
  line: Line;
  top: number;
  perSecond: number;
  chosen: number;
  second: number | null;
  typing: boolean;
}) {
  const { line, edges, perSecond } = stave;
  const own = useMemo(
    () => brackets?.filter((one) => one.end > line.from && one.start < line.to),
    [brackets, line],
  );
  return (
    <div className="staveRow" style={{ top }}>
      <Stave
        {...stave}
        over={
          own && {
            height: BRACKET_HEIGHT,
            drawn: (
              <Brackets
                scene={scene}
                line={line}
                brackets={own}
                edges={edges}
                perSecond={perSecond}
                frameAt={frameAt}
              />
            ),
          }
        }
      />
    </div>
  );
});
