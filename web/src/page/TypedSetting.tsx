import { useState } from 'react';
import type { Sentence, TextBlock } from '../api/client';
import { TypedField } from '../controls/TypedField';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';

/** A line in which a block's setting is typed. */
export function TypedSetting({
  block,
  sentence,
  close,
}: {
  block: TextBlock;
  sentence: Sentence;
  close: () => void;
}) {
  const [text, setText] = useState(sentence.segments.map((segment) => segment.text).join(''));
  const [problem, setProblem] = useState('');
  const read = async () => {
    try {
      const { scene, format } = useStage.getState();
      await edit({ kind: 'setBySentence', scene, format, block: block.id, sentence: text });
      close();
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  return (
    <div className="typedLine">
      <TypedField
        label="Type the setting"
        value={text}
        change={setText}
        leave={close}
        take={() => void read()}
      />
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
