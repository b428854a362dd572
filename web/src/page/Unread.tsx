import { useState } from 'react';
import { RequestError } from '../api/client';
import { reasonOf } from '../document/reasons';

/** Why a typed sentence was not taken, the stretch of it that is meant, and what was likely meant there. */
export interface Unread {
  why: string;
  /** UTF-16 offsets; null where it is no single stretch. */
  marked: { from: number; to: number } | null;
  likely: string[];
}

export function unreadOf(error: unknown): Unread {
  const {
    position: from,
    end: to = from,
    detail,
    suggestions,
  } = error instanceof RequestError
    ? error.problem
    : ({ detail: reasonOf(error) } as RequestError['problem']);
  return {
    why: detail,
    marked: from === undefined || to === undefined ? null : { from, to },
    likely: suggestions ?? [],
  };
}

/** A typed text with another phrase in place of the stretch, or without it; the caret stands behind. */
function replaced(text: string, { from, to }: { from: number; to: number }, phrase: string) {
  const before = text.slice(0, from).replace(phrase ? /\s+$/ : /[\s,;]+$/, '');
  const after = before ? text.slice(to) : text.slice(to).replace(phrase ? /^\s+/ : /^[\s,;]+/, '');
  const kept = before + (before && phrase ? ' ' : '') + phrase;
  return { text: kept + after, caret: kept.length };
}

/** A sentence that is being typed, and what of it could not be read. */
export interface Typing {
  text: string;
  unread: Unread | null;
  /** What is to be chosen in the field. */
  marked: Unread['marked'];
  type: (text: string) => void;
  /** Puts a text in place of what is typed, and the caret at an offset of it. */
  put: (text: string, caret: number) => void;
  /** The typed text could not be read. */
  refuse: (unread: Unread) => void;
}

export function useTyping(initial: string): Typing {
  const [text, setText] = useState(initial);
  const [unread, setUnread] = useState<Unread | null>(null);
  const [marked, setMarked] = useState<Unread['marked']>(null);
  return {
    text,
    unread,
    marked,
    type: (next) => {
      setText(next);
      setUnread(null);
    },
    put: (next, caret) => {
      setText(next);
      setUnread(null);
      setMarked({ from: caret, to: caret });
    },
    refuse: (why) => {
      setUnread(why);
      setMarked(why.marked);
    },
  };
}

/** Says what could not be read; the marked stretch is exchanged for what was likely meant, or left out. */
export function UnreadHelp({ typing: { unread, text, put } }: { typing: Typing }) {
  if (!unread) return null;
  const { why, marked, likely } = unread;
  const exchange = (phrase: string) => {
    if (!marked) return;
    const now = replaced(text, marked, phrase);
    put(now.text, now.caret);
  };
  return (
    <>
      <p className="problem" role="alert">
        {why}
      </p>
      {marked && (
        <ul className="completions" aria-label="What may be meant">
          {likely.map((phrase) => (
            <li key={phrase}>
              <button onClick={() => exchange(phrase)}>{phrase}</button>
            </li>
          ))}
          {marked.to > marked.from && (
            <li>
              <button onClick={() => exchange('')}>leave “{text.slice(marked.from, marked.to)}” out</button>
            </li>
          )}
        </ul>
      )}
    </>
  );
}
