import { useEffect, useState } from 'react';

/** A way a typed sentence may go on. */
export interface Completion {
  phrase: string;
  /** UTF-16 offset in the typed text where the phrase begins. */
  from: number;
}

/** What a typed sentence may go on with, one of which is chosen by arrows and taken by Tab or Enter. */
export interface Completing {
  found: Completion[];
  chosen: number;
  take: (completion: Completion) => void;
  /** What a key does to it; true when it did something. */
  keyed: (key: string) => boolean;
}

/**
 * @param ask what is offered after a text; the same function as long as the same is asked
 * @param setText puts a text in place of what is typed
 */
export function useCompleting(
  text: string,
  ask: (typed: string) => Promise<Completion[]>,
  setText: (text: string) => void,
): Completing {
  const [found, setFound] = useState<Completion[]>([]);
  const [chosen, setChosen] = useState(-1);
  useEffect(() => {
    let gone = false;
    ask(text).then(
      (now) => {
        if (gone) return;
        setFound(now);
        setChosen(-1);
      },
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [text, ask]);
  const take = (completion: Completion) => {
    const before = text.slice(0, completion.from).replace(/\s+$/, '');
    setText(before + (before ? ' ' : '') + completion.phrase);
  };
  const keyed = (key: string) => {
    if (key === 'ArrowDown' || key === 'ArrowUp') {
      const by = key === 'ArrowDown' ? 1 : -1;
      setChosen((now) => Math.max(-1, Math.min(found.length - 1, now + by)));
      return true;
    }
    const completion = key === 'Tab' || key === 'Enter' ? found[chosen] : undefined;
    if (completion) take(completion);
    return completion !== undefined;
  };
  return { found, chosen, take, keyed };
}

export function Completions({ completing: { found, chosen, take } }: { completing: Completing }) {
  return found.length === 0 ? null : (
    <ul className="completions">
      {found.map((completion, i) => (
        <li key={completion.phrase}>
          <button className={i === chosen ? 'on' : ''} tabIndex={-1} onClick={() => take(completion)}>
            {completion.phrase}
          </button>
        </li>
      ))}
    </ul>
  );
}
