import { useCallback, useEffect, useRef, useState } from 'react';
import { postJson, type Option } from '../api/client';
import { TypedField } from '../controls/TypedField';
import { shownNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { reasonOf } from '../document/reasons';
import type { PhaseName } from '../document/phases';
import { Completions, useCompleting, type Completion } from './completing';
import { unreadOf, UnreadHelp, useTyping } from './Unread';

type Json = Record<string, unknown>;

/** Frames a second of the open scene, and its beats. */
const timeNow = () => {
  const { rate, beats } = shownNow()!.scenes.find((one) => one.id === useStage.getState().scene)!;
  return { rate: rate.numerator / rate.denominator, ...(beats ? { beats } : {}) };
};

/** A line in which a move's sentence is typed; it completes as one writes. */
export function TypedLine({
  phase,
  initial,
  previous,
  hint,
  offers = [],
  offered,
  close,
  done,
}: {
  phase: PhaseName;
  initial: string;
  /** Path of the move that is replaced, whose ids are kept. */
  previous: string | null;
  /** What its keys do. */
  hint?: string;
  /** What can be said here beside moves, in its own words. */
  offers?: Option[];
  offered?: (offer: Option) => void;
  close: () => void;
  /** @param otherwise whether Ctrl was held */
  done: (move: Json, otherwise: boolean) => void;
}) {
  const typing = useTyping(initial.replace(/\.$/, ''));
  const { text, unread, marked } = typing;
  /** The sentence that is being read. */
  const [reading, setReading] = useState('');
  const gone = useRef(false);
  useEffect(() => {
    gone.current = false;
    return () => {
      gone.current = true;
    };
  }, []);
  const typed = useRef(text);
  useEffect(() => {
    typed.current = text;
  }, [text]);

  const ask = useCallback(
    (now: string) =>
      postJson<Completion[]>('/api/directions/complete', { phase: phase.toUpperCase(), typed: now }),
    [phase],
  );
  const completing = useCompleting(text, ask, typing.type);
  const read = async (otherwise: boolean) => {
    const sentence = text;
    const offer = offers.find((one) => one.label === plainly(sentence));
    if (offer) {
      offered?.(offer);
      close();
      return;
    }
    typing.type('');
    setReading(sentence);
    try {
      const move = previous ? at(shownNow(), previous) : undefined;
      const answer = await postJson<{ move: Json }>('/api/directions/read', {
        phase: phase.toUpperCase(),
        sentence,
        ...timeNow(),
        px: useStage.getState().page?.fit.scale ?? 1,
        ...(move ? { previous: move } : {}),
      });
      done(answer.move, otherwise);
      // What was typed on meanwhile is the next one.
      if (!typed.current) close();
    } catch (error) {
      // What was typed is not lost with the line that it was typed in.
      if (gone.current) useDocument.setState({ message: `${reasonOf(error)} (“${sentence}”)` });
      const why = unreadOf(error);
      // Where something else was typed meanwhile there is nothing to mark.
      if (!typed.current) typing.type(sentence);
      typing.refuse(typed.current ? { ...why, marked: null } : why);
    }
    setReading('');
  };
  return (
    <div className="typedLine">
      <TypedField
        label="Type a direction"
        placeholder={reading || 'characters rise 0.6 em, centre out, 12 frames each, 3 apart, landing softly'}
        value={text}
        marked={marked}
        change={typing.type}
        leave={close}
        take={(otherwise) => text.trim() && void read(otherwise)}
        keyed={unread ? undefined : completing.keyed}
      />
      {hint && <p className="note">{hint}</p>}
      {unread ? <UnreadHelp typing={typing} /> : <Completions completing={completing} />}
    </div>
  );
}

const plainly = (sentence: string) => sentence.trim().replace(/\.$/, '').toLowerCase();

function at(root: unknown, path: string): Json | undefined {
  let node = root;
  for (const step of path.split('/')) {
    node = Array.isArray(node)
      ? node.find((element: { id?: string }) => element.id === step)
      : (node as Json | undefined)?.[step];
  }
  return node as Json | undefined;
}
