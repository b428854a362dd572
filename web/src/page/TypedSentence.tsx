import { useCallback } from 'react';
import { postJson, type Intent, type Sentence } from '../api/client';
import { TypedField } from '../controls/TypedField';
import { edit } from '../document/edit';
import { useStage } from '../document/stage';
import { Completions, useCompleting, type Completion } from './completing';
import { unreadOf, UnreadHelp, useTyping } from './Unread';

/** What a sentence tells: of a block of words or a shape its setting, or what it is dressed with, all that a scene says of itself, or the rules of its captions. */
export type Told = { of: 'words' | 'shape' | 'dress'; block: string } | { of: 'scene' } | { of: 'captions' };

const LABELS = {
  words: 'Type the setting',
  shape: 'Type the shape',
  scene: 'Type what the scene is',
  captions: 'Type the rules of the captions',
  dress: 'Type what it is dressed with',
};

/** What the blocks of the scene are called in sentences. */
const namesNow = () => useStage.getState().page?.blocks.map((one) => one.called) ?? [];

const wished = (told: Told, sentence: string): Intent => {
  const { scene, format } = useStage.getState();
  if (told.of === 'captions') return { kind: 'makeCaptions', scene, rules: sentence, all: false };
  return told.of === 'scene'
    ? { kind: 'setSceneBySentence', scene, format, sentence }
    : {
        kind: told.of === 'dress' ? 'dressBySentence' : 'setBySentence',
        scene,
        format,
        block: told.block,
        sentence,
      };
};

/** A line in which a sentence is typed, whole or in part; what is not said stays as it is. */
export function TypedSentence({
  told,
  sentence,
  close,
}: {
  told: Told;
  /** The sentence as it stands; empty where one begins with nothing. */
  sentence: Sentence | null;
  close: () => void;
}) {
  const typing = useTyping(sentence?.segments.map((segment) => segment.text).join('') ?? '');
  const { text, unread, marked } = typing;
  const { of } = told;
  const ask = useCallback(
    (typed: string) =>
      postJson<Completion[]>('/api/directions/offers', { told: of.toUpperCase(), typed, names: namesNow() }),
    [of],
  );
  const completing = useCompleting(text, ask, typing.type);
  const read = async () => {
    try {
      await edit(wished(told, text));
      close();
    } catch (error) {
      typing.refuse(unreadOf(error));
    }
  };
  return (
    <div className="typedLine">
      <TypedField
        label={LABELS[of]}
        placeholder={of === 'scene' ? 'lasts 12 s, at 96 beats a minute' : undefined}
        value={text}
        marked={marked}
        change={typing.type}
        leave={close}
        take={() => void read()}
        keyed={unread ? undefined : completing.keyed}
      />
      {unread ? <UnreadHelp typing={typing} /> : <Completions completing={completing} />}
    </div>
  );
}
