import { Segmented } from 'antd';
import { useState } from 'react';
import type { Scene } from '../api/client';
import { editOrSay } from '../document/edit';
import { editCaption } from '../document/captions';
import { useStage } from '../document/stage';
import { BlockCard } from './BlockCard';
import { SentenceLine } from './SentenceLine';

/** What captions are dressed as: an ordinary block, changed for all of them or for the chosen one alone. */
export function Dressing({ scene, short }: { scene: Scene; short: boolean }) {
  const page = useStage((state) => state.page);
  const told = useStage((state) => state.captions);
  const chosen = useStage((state) => state.caption);
  const alone = useStage((state) => state.captionAlone);
  const set = useStage((state) => state.set);
  const row = scene.captions!;
  const line = row.lines.find((one) => one.id === chosen);
  const own = line?.own?.length ?? 0;
  const shown = told?.script?.shown ?? row.columns[0]!.id;
  const blocks = scene.blocks.filter(
    (block) =>
      block.id === row.design ||
      (block.kind === 'shape' && block.shape.kind === 'plate' && block.shape.behind.includes(row.design)),
  );
  // Words stand first.
  blocks.sort((a, b) => (a.kind === b.kind ? 0 : a.kind === 'text' ? -1 : 1));
  return (
    <section className="dressing" aria-label="How captions are dressed">
      <header>
        <b>Captions</b>
        <button onClick={() => set({ captionList: true, ledger: false })}>list</button>
      </header>
      {told?.script && <SentenceLine sentence={told.script.dressing} text="" active quiet short={short} />}
      {line && (
        <CaptionWords
          key={`${line.id} ${shown}`}
          text={line.text[shown] ?? ''}
          give={(text) => editCaption(scene.id, line.id, 'retype', { text, column: shown })}
        />
      )}
      {line && (
        <div className="dressedAlone">
          <Segmented
            size="small"
            aria-label="What changes are meant for"
            value={alone ? 'one' : 'all'}
            options={[
              { value: 'all', label: 'all captions' },
              { value: 'one', label: 'this caption alone' },
            ]}
            onChange={(value) => set({ captionAlone: value === 'one' })}
          />
          {own > 0 && (
            <>
              <span className="quiet">It looks otherwise than the others:</span>
              <button
                className="linked"
                onClick={() => editOrSay({ kind: 'giveCaption', scene: scene.id, caption: line.id, to: [] })}
              >
                give it to all
              </button>
              <button className="linked" onClick={() => editCaption(scene.id, line.id, 'likeOthers')}>
                as all others
              </button>
            </>
          )}
        </div>
      )}
      {blocks.map((block) => (
        <BlockCard
          key={block.id}
          block={block}
          rate={scene.rate}
          path={`scenes/${scene.id}/blocks/${block.id}`}
          dresses
          view={page?.blocks.find((one) => one.id === block.id)}
        />
      ))}
    </section>
  );
}

/** The words of the chosen caption, typed anew. */
function CaptionWords({ text, give }: { text: string; give: (text: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== text) give(typed);
    setTyped(null);
  };
  return (
    <textarea
      className="dressedWords"
      aria-label="Words of the chosen caption"
      rows={Math.max(1, (typed ?? text).split('\n').length)}
      value={typed ?? text}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter' && !event.shiftKey) {
          event.preventDefault();
          keep();
        } else if (event.key === 'Escape') {
          setTyped(null);
          event.currentTarget.blur();
        }
      }}
    />
  );
}
