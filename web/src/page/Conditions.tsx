import { DeleteOutlined, EditOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { PageView } from '../api/client';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';
import { TypedSentence, type Told } from './TypedSentence';

/** When values of the scene are other, and which of these changes are meant for now. */
export function Conditions({ scene, shown }: { scene: string; shown: PageView['conditions'] }) {
  const condition = useStage((state) => state.condition);
  const set = useStage((state) => state.set);
  const [typing, setTyping] = useState<{ id: string | null; begins: string } | null>(null);
  const told = useMemo<Told>(() => ({ of: 'condition', condition: typing?.id ?? null }), [typing]);
  return (
    <div className="conditions">
      {shown.map((one) => (
        <p key={one.id} data-condition={one.id}>
          <button
            className={`part ${one.id === condition ? 'open' : ''}`}
            aria-pressed={one.id === condition}
            title={
              one.id === condition
                ? 'Changes are meant for this alone; press for always'
                : 'Show it as if it were so, and let changes be meant for this alone'
            }
            // It is one for all versions.
            onClick={() => set(one.id === condition ? { condition: null } : { condition: one.id, row: null })}
          >
            {one.sentence[0]!.toUpperCase() + one.sentence.slice(1)}
          </button>
          <span className="quiet">
            {' '}
            {one.values} {one.values === 1 ? 'value is' : 'values are'} other
            {one.holds ? ', as now' : ''}
          </span>
          <Button
            size="small"
            type="text"
            icon={<EditOutlined />}
            aria-label="Type this condition"
            onClick={() => setTyping({ id: one.id, begins: one.sentence })}
          />
          <Button
            size="small"
            type="text"
            icon={<DeleteOutlined />}
            aria-label="Take this condition away"
            onClick={() => {
              if (one.id === condition) set({ condition: null });
              editOrSay({ kind: 'sayCondition', scene, condition: one.id, sentence: '' });
            }}
          />
        </p>
      ))}
      {typing ? (
        <TypedSentence told={told} sentence={null} begins={typing.begins} close={() => setTyping(null)} />
      ) : (
        <button
          className="addCondition"
          title="Let sizes, places, moves or what is seen be other while something is so"
          onClick={() => setTyping({ id: null, begins: 'when ' })}
        >
          + when …
        </button>
      )}
    </div>
  );
}
