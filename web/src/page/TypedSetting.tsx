import { useState } from 'react';
import { postJson, RequestError, type Sentence, type TextBlock } from '../api/client';
import { shownNow, useDocument } from '../document/store';

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
  const commit = useDocument((state) => state.commit);
  const scene = shownNow()?.scenes.find((one) => one.blocks.some((other) => other.id === block.id));
  const read = async () => {
    try {
      const answer = await postJson<{ block: TextBlock }>('/api/directions/setting', {
        sentence: text,
        block,
        neighbours: scene?.blocks,
      });
      commit([
        { op: 'set', at: `${sentence.path}/setting`, value: answer.block.setting },
        { op: 'set', at: `${sentence.path}/place`, value: answer.block.place },
        { op: 'set', at: `${sentence.path}/opacity`, value: answer.block.opacity },
      ]);
      close();
    } catch (error) {
      setProblem(error instanceof RequestError ? error.problem.detail : String(error));
    }
  };
  return (
    <div className="typedLine">
      <input
        autoFocus
        aria-label="Type the setting"
        value={text}
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Escape') close();
          if (event.key === 'Enter') void read();
        }}
      />
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
