import { useCallback } from 'react';
import { postJson, type Intent, type Sentence } from '../api/client';
import { TypedField } from '../controls/TypedField';
import { edit } from '../document/edit';
import { useStage } from '../document/stage';
import { shownNow } from '../document/store';
import { Completions, useCompleting, type Completion } from './completing';
import { unreadOf, UnreadHelp, useTyping } from './Unread';

/** What a sentence tells: when values are other, of a block of words or a shape its setting, or what it is dressed with, all that a scene says of itself, or the rules of its captions. */
export type Told =
  | { of: 'words' | 'shape' | 'dress' | 'says'; block: string }
  | { of: 'condition'; condition: string | null }
  | { of: 'scene' }
  | { of: 'captions' };

const LABELS = {
  words: 'Type the setting',
  shape: 'Type the shape',
  scene: 'Type what the scene is',
  captions: 'Type the rules of the captions',
  dress: 'Type what it is dressed with',
  says: 'Type how the words are built',
  condition: 'Type when it is so',
};

const PLACEHOLDERS: Partial<Record<Told['of'], string>> = {
  scene: 'lasts 12 s, at 96 beats a minute',
  condition: 'when ‹Platform› is “2”',
};

const INTENTS = {
  words: 'setBySentence',
  shape: 'setBySentence',
  dress: 'dressBySentence',
  says: 'sayBySentence',
} as const;

/** What the blocks of the scene are called in sentences, and for words that are built what they can be built of. */
const namesNow = (told: Told) => {
  const { page } = useStage.getState();
  if (told.of !== 'says' && told.of !== 'condition') return page?.blocks.map((one) => one.called) ?? [];
  const words = shownNow()
    ?.scenes.find((one) => one.id === useStage.getState().scene)
    ?.blocks.filter((one) => one.kind === 'text' && (told.of === 'condition' || one.id !== told.block));
  return [
    ...(page?.fields.map((one) => `‹${one.name}›`) ?? []),
    ...(words?.map((one) => `the words of ‹${one.name}›`) ?? []),
  ];
};

const wished = (told: Told, sentence: string): Intent => {
  const { scene, format } = useStage.getState();
  if (told.of === 'captions') return { kind: 'makeCaptions', scene, rules: sentence, all: false };
  if (told.of === 'scene') return { kind: 'setSceneBySentence', scene, format, sentence };
  if (told.of === 'condition')
    return { kind: 'sayCondition', scene, condition: told.condition ?? undefined, sentence };
  if (told.of === 'says') return { kind: INTENTS.says, scene, block: told.block, sentence };
  return { kind: INTENTS[told.of], scene, format, block: told.block, sentence };
};

/** A line in which a sentence is typed, whole or in part; what is not said stays as it is. */
export function TypedSentence({
  told,
  sentence,
  begins = '',
  close,
}: {
  told: Told;
  /** The sentence as it stands; empty where one begins with nothing. */
  sentence: Sentence | null;
  /** What is typed already, where there is no sentence. */
  begins?: string;
  close: () => void;
}) {
  const typing = useTyping(sentence?.segments.map((segment) => segment.text).join('') ?? begins);
  const { text, unread, marked } = typing;
  const { of } = told;
  const ask = useCallback(
    (typed: string) =>
      postJson<Completion[]>('/api/directions/offers', {
        told: of.toUpperCase(),
        typed,
        names: namesNow(told),
      }),
    [of, told],
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
        placeholder={PLACEHOLDERS[of]}
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
