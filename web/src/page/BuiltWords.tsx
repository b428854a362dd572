import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { PageView, TextBlock } from '../api/client';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';
import { TypedSentence, type Told } from './TypedSentence';

export type Built = PageView['built'][number];

/** Words that are built by steps: what they come to, the sentence that says how, and each step with its result. */
export function BuiltWords({ block, built, active }: { block: TextBlock; built: Built; active: boolean }) {
  const [typing, setTyping] = useState(false);
  const told = useMemo<Told>(() => ({ of: 'says', block: block.id }), [block.id]);
  const last = built.steps[built.steps.length - 1];
  const axes = Object.entries(block.setting.face.axes ?? {});
  return (
    <>
      <p
        className="words built"
        aria-label={`Words of ${block.name}`}
        style={{
          fontFamily: `'${block.setting.face.family}', 'Knollwind fallback', sans-serif`,
          fontStyle: block.setting.face.style,
          fontVariationSettings: axes.map(([tag, value]) => `"${tag}" ${value}`).join(', ') || undefined,
        }}
      >
        {last?.result || <i>no words</i>}
      </p>
      <p className="sentence says">
        <b>Says</b> —{' '}
        <button className="part" aria-label="Type how the words are built" onClick={() => setTyping(true)}>
          {built.sentence}
        </button>
        {built.changes && <span className="quiet"> (running)</span>}
      </p>
      {typing && (
        <TypedSentence told={told} sentence={null} begins={built.sentence} close={() => setTyping(false)} />
      )}
      {active && (
        <ol className="steps" aria-label="Steps">
          {built.steps.map((step, i) => (
            <li key={i} className={step.problem ? 'wrong' : ''}>
              <span>{step.says}</span>
              <span className="result">
                {step.problem || step.result.replaceAll('\n', ' ↵ ') || 'no words'}
              </span>
            </li>
          ))}
        </ol>
      )}
      {active && (
        <div className="phaseTools">
          <Button
            size="small"
            type="text"
            title="The words stay as they are, those that run as they are longest, and are typed from then on"
            onClick={() =>
              editOrSay({
                kind: 'sayBySentence',
                scene: useStage.getState().scene,
                block: block.id,
                sentence: '',
              })
            }
          >
            type the words instead
          </Button>
        </div>
      )}
    </>
  );
}
