import { useEffect, useState } from 'react';
import { postJson, RequestError } from '../api/client';
import { shownNow } from '../document/store';
import { useStage } from '../document/stage';
import type { PhaseName } from '../document/phases';

interface Completion {
  phrase: string;
  from: number;
}

type Json = Record<string, unknown>;

/** Frames a second of the open scene. */
const rateNow = () => {
  const { rate } = shownNow()!.scenes.find((one) => one.id === useStage.getState().scene)!;
  return rate.numerator / rate.denominator;
};

/** A line in which a move's sentence is typed; it completes as one writes. */
export function TypedLine({
  phase,
  initial,
  previous,
  close,
  done,
}: {
  phase: PhaseName;
  initial: string;
  /** Path of the move that is replaced, whose ids are kept. */
  previous: string | null;
  close: () => void;
  done: (move: Json) => void;
}) {
  const [text, setText] = useState(initial.replace(/\.$/, ''));
  const [completions, setCompletions] = useState<Completion[]>([]);
  const [chosen, setChosen] = useState(-1);
  const [problem, setProblem] = useState('');

  useEffect(() => {
    let gone = false;
    postJson<Completion[]>('/api/directions/complete', { phase: phase.toUpperCase(), typed: text }).then(
      (found) => {
        if (!gone) {
          setCompletions(found);
          setChosen(-1);
        }
      },
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [text, phase]);

  const take = (completion: Completion) => {
    const before = text.slice(0, completion.from).replace(/\s+$/, '');
    setText(before + (before ? ' ' : '') + completion.phrase);
  };
  const read = async () => {
    try {
      const move = previous ? at(shownNow(), previous) : undefined;
      const answer = await postJson<{ move: Json }>('/api/directions/read', {
        phase: phase.toUpperCase(),
        sentence: text,
        rate: rateNow(),
        ...(move ? { previous: move } : {}),
      });
      done(answer.move);
    } catch (error) {
      const found = error instanceof RequestError ? error.problem : null;
      const likely = found?.suggestions?.length ? ` Perhaps: ${found.suggestions.join('; ')}.` : '';
      setProblem((found?.detail ?? String(error)) + likely);
    }
  };
  return (
    <div className="typedLine">
      <input
        autoFocus
        aria-label="Type a direction"
        placeholder="characters rise 0.6 em, centre out, 12 frames each, 3 apart, landing softly"
        value={text}
        onChange={(event) => {
          setText(event.target.value);
          setProblem('');
        }}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Escape') close();
          else if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
            event.preventDefault();
            const by = event.key === 'ArrowDown' ? 1 : -1;
            setChosen((now) => Math.max(-1, Math.min(completions.length - 1, now + by)));
          } else if ((event.key === 'Tab' || event.key === 'Enter') && completions[chosen]) {
            event.preventDefault();
            take(completions[chosen]);
          } else if (event.key === 'Enter') void read();
        }}
      />
      {problem && <p className="problem">{problem}</p>}
      {completions.length > 0 && (
        <ul className="completions">
          {completions.map((completion, i) => (
            <li key={completion.phrase}>
              <button className={i === chosen ? 'on' : ''} tabIndex={-1} onClick={() => take(completion)}>
                {completion.phrase}
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

function at(root: unknown, path: string): Json | undefined {
  let node = root;
  for (const step of path.split('/')) {
    node = Array.isArray(node)
      ? node.find((element: { id?: string }) => element.id === step)
      : (node as Json | undefined)?.[step];
  }
  return node as Json | undefined;
}
