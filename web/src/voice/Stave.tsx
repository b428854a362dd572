import { useMemo, useRef, useState, type KeyboardEvent, type PointerEvent, type ReactNode } from 'react';
import type { VoiceWord } from '../api/client';
import { outline } from '../sound/waveform';
import { drawnTo, type Line } from './lines';

export const STAVE_HEIGHT = 132;
const WAVE = 64;
/** Seconds within which an edge is drawn to what is heard. */
const NEAR = 0.03;

export type Edge = 'start' | 'end';

/** One spoken line: its sound, its words under it, and the edges between them. */
export function Stave({
  line,
  words,
  pairs,
  edges,
  perSecond,
  chosen,
  second,
  typing,
  choose,
  type,
  typed,
  move,
  go,
  over,
}: {
  line: Line;
  words: VoiceWord[];
  pairs: Int8Array | null;
  edges: number[];
  perSecond: number;
  /** Index of the chosen word. */
  chosen: number;
  /** Where the playhead is; null where it is in another line. */
  second: number | null;
  typing: boolean;
  choose: (word: number) => void;
  type: (word: number | null) => void;
  typed: (word: VoiceWord, text: string) => void;
  move: (word: VoiceWord, edge: Edge, second: number) => void;
  go: (second: number) => void;
  /** What stands over it, and how high that is, in px. */
  over?: { height: number; drawn: ReactNode };
}) {
  const [dragged, setDragged] = useState<{ word: string; edge: Edge; second: number } | null>(null);
  const begun = useRef<{ x: number; second: number } | null>(null);
  const width = (line.to - line.from) * perSecond;
  const drawn = useMemo(
    () => pairs && outline(pairs, line.from, line.to, width, WAVE, 1.4),
    [pairs, line.from, line.to, width],
  );
  const x = (at: number) => (at - line.from) * perSecond;
  const own = words.slice(line.first, line.last);
  const grab = (word: VoiceWord, edge: Edge) => (event: PointerEvent<HTMLElement>) => {
    event.preventDefault();
    event.stopPropagation();
    event.currentTarget.setPointerCapture(event.pointerId);
    begun.current = { x: event.clientX, second: word[edge] };
    choose(words.indexOf(word));
  };
  const drag = (word: VoiceWord, edge: Edge) => (event: PointerEvent<HTMLElement>) => {
    if (!begun.current || Math.abs(event.clientX - begun.current.x) < 2) return;
    const free = begun.current.second + (event.clientX - begun.current.x) / perSecond;
    setDragged({ word: word.id, edge, second: event.altKey ? free : drawnTo(edges, free, NEAR) });
  };
  const drop = (word: VoiceWord, edge: Edge) => () => {
    if (dragged) move(word, edge, dragged.second);
    begun.current = null;
    setDragged(null);
  };
  const at = (word: VoiceWord, edge: Edge) =>
    dragged?.word === word.id && dragged.edge === edge ? dragged.second : word[edge];
  const handle = (word: VoiceWord, edge: Edge) => (
    <div
      key={`${word.id}-${edge}`}
      className={`wordEdge ${edge}`}
      data-edge={edge}
      data-word={word.id}
      title={`Where “${word.text}” ${edge === 'start' ? 'begins' : 'ends'}: drag it`}
      style={{ left: x(at(word, edge)) }}
      onPointerDown={grab(word, edge)}
      onPointerMove={drag(word, edge)}
      onPointerUp={drop(word, edge)}
      onPointerCancel={() => {
        begun.current = null;
        setDragged(null);
      }}
    />
  );
  return (
    <div
      className="stave"
      style={{ height: STAVE_HEIGHT + (over?.height ?? 0), paddingTop: over?.height, position: 'relative' }}
    >
      {over && <div className="overStave">{over.drawn}</div>}
      <span className="staveTime">{clock(line.from)}</span>
      {/* Where in it the pointer is clicked matters only to the pointer; words are the way for keys. */}
      <div
        className="staveLine"
        style={{ width }}
        onPointerDown={(event) => {
          const box = event.currentTarget.getBoundingClientRect();
          if (event.clientY < box.top + WAVE) go(line.from + (event.clientX - box.left) / perSecond);
        }}
      >
        <svg width={width} height={WAVE} aria-hidden>
          {drawn && <path className="waveform" d={drawn} />}
          {drawn && second !== null && (
            <>
              <clipPath id={`said-${line.first}`}>
                <rect width={Math.max(0, x(second))} height={WAVE} />
              </clipPath>
              <path className="waveform said" clipPath={`url(#said-${line.first})`} d={drawn} />
            </>
          )}
        </svg>
        {own.map((word, i) => {
          const index = line.first + i;
          const next = own[i + 1];
          const spoken = second !== null && word.start <= second && second < word.end;
          const left = x(at(word, 'start'));
          return (
            <div key={word.id}>
              {handle(word, 'start')}
              {(!next || next.start - word.end > 0.0015) && handle(word, 'end')}
              {typing && index === chosen ? (
                <Retype word={word} left={left} done={typed} close={() => type(null)} />
              ) : (
                <button
                  className={`voiceWord ${word.doubt ? 'unsure' : ''} ${index === chosen ? 'on' : ''} ${
                    spoken ? 'spoken' : ''
                  } ${word.byHand ? 'byHand' : ''}`}
                  style={{ left, top: WAVE + 6 + (crowded(own, i, perSecond) ? 20 : 0) }}
                  tabIndex={index === chosen ? 0 : -1}
                  aria-pressed={index === chosen}
                  data-index={index}
                  title={told(word)}
                  onClick={() => choose(index)}
                  onDoubleClick={() => {
                    choose(index);
                    type(index);
                  }}
                >
                  {word.text}
                </button>
              )}
            </div>
          );
        })}
        {second !== null && <div className="voiceHead" style={{ left: x(second) }} />}
      </div>
    </div>
  );
}

/** Every other one of words that would lie over each other stands lower. */
function crowded(words: { text: string; start: number }[], i: number, perSecond: number): boolean {
  let low = false;
  for (let k = 1; k <= i; k++) {
    const room = (words[k]!.start - words[k - 1]!.start) * perSecond;
    low = !low && room < words[k - 1]!.text.length * 8.6 + 8;
  }
  return low;
}

function told(word: VoiceWord): string {
  const times = `${word.start.toFixed(2)} to ${word.end.toFixed(2)} s`;
  if (word.byHand) return `${times}, set by hand`;
  const sure = word.sure === undefined ? '' : `, ${Math.round(word.sure * 100)} % sure`;
  return `${times}${sure}${word.doubt ? `: ${word.doubt}` : ''}`;
}

export const clock = (second: number) =>
  `${Math.floor(second / 60)}:${String(Math.floor(second % 60)).padStart(2, '0')}`;

/** A word that is typed anew. */
function Retype({
  word,
  left,
  done,
  close,
}: {
  word: VoiceWord;
  left: number;
  done: (word: VoiceWord, text: string) => void;
  close: () => void;
}) {
  const [text, setText] = useState(word.text);
  const keep = () => {
    close();
    if (text.trim() && text !== word.text) done(word, text);
  };
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation();
    if (event.key === 'Enter') keep();
    else if (event.key === 'Escape') close();
  };
  return (
    <input
      autoFocus
      className="retype"
      aria-label={`The word “${word.text}”`}
      style={{ left, top: WAVE + 4, width: `${Math.max(4, text.length + 2)}ch` }}
      value={text}
      onFocus={(event) => event.target.select()}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={keys}
    />
  );
}
