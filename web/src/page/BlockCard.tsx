import { Button } from 'antd';
import { memo, useMemo, useState, type KeyboardEvent } from 'react';
import type { Block, BlockView, Scene } from '../api/client';
import { NameField } from '../controls/NameField';
import { editOrSay } from '../document/edit';
import { PHASES, type PhaseName } from '../document/phases';
import { useDocument } from '../document/store';
import { frames } from '../document/times';
import { useStage } from '../document/stage';
import { marginTime } from '../document/timecode';
import { fieldAt, useFields } from '../fields/opened';
import { LookGallery } from '../moves/LookGallery';
import { SaveStyle } from '../moves/SaveStyle';
import { PhaseSection } from './PhaseSection';
import { PickedPiece } from './PickedPiece';
import { SentenceLine } from './SentenceLine';
import { BuiltWords } from './BuiltWords';
import { TypedSentence, type Told } from './TypedSentence';
import { WordsField } from './WordsField';

/** A block that is dragged over the page. */
const DRAGGED = 'application/x-knollwind-block';

/** A block on the page: its start in the margin, its words, and one sentence for each move and for the setting. */
export const BlockCard = memo(function BlockCard({
  block,
  rate,
  path,
  view,
  dresses,
}: {
  block: Block;
  rate: Scene['rate'];
  path: string;
  view: BlockView | undefined;
  /** Whether it is what captions are dressed as: its words and times are theirs. */
  dresses?: boolean;
}) {
  const selected = useStage((state) => state.block === block.id);
  const problem = useStage((state) => state.page?.problems.find((one) => one.block === block.id)?.message);
  const renaming = useStage((state) => state.renaming?.at === 'page' && state.renaming.block === block.id);
  const density = useStage((state) => state.density);
  const set = useStage((state) => state.set);
  const commit = useDocument((state) => state.commit);
  const [landing, setLanding] = useState<'under' | 'over' | ''>('');
  const [typing, setTyping] = useState<PhaseName | null>(null);
  const [dressing, setDressing] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const [building, setBuilding] = useState(false);
  const built = useStage((state) => state.page?.built.find((one) => one.block === block.id));
  const asField = fieldAt(useFields(), `${path}/text`);
  const start = view?.start ?? frames(block.span.start);
  const script = view?.script;
  const told = useMemo<Told>(
    () => ({ of: block.kind === 'text' ? 'words' : 'shape', block: block.id }),
    [block.kind, block.id],
  );
  const toldOfWords = useMemo<Told>(() => ({ of: 'says', block: block.id }), [block.id]);
  const toldOfDress = useMemo<Told>(() => ({ of: 'dress', block: block.id }), [block.id]);

  return (
    <div
      className={`block ${selected ? 'selected' : ''} ${landing}`}
      data-block={block.id}
      onDragOver={(event) => {
        if (!event.dataTransfer.types.includes(DRAGGED)) return;
        event.preventDefault();
        const { top, height } = event.currentTarget.getBoundingClientRect();
        setLanding(event.clientY < top + height / 2 ? 'under' : 'over');
      }}
      onDragLeave={() => setLanding('')}
      onDrop={(event) => {
        const dragged = event.dataTransfer.getData(DRAGGED);
        setLanding('');
        if (!dragged || !landing || dragged === block.id) return;
        event.preventDefault();
        const { block: chosen, others, scene } = useStage.getState();
        const all = [chosen, ...others].filter((id) => id !== null);
        const blocks = all.includes(dragged) ? all : [dragged];
        editOrSay({ kind: 'restackBlocks', scene, blocks, to: landing, other: block.id });
      }}
    >
      <div
        className="margin"
        title="Drag to lay it before or behind others"
        draggable
        onDragStart={(event) => {
          event.dataTransfer.setData(DRAGGED, block.id);
          event.dataTransfer.effectAllowed = 'move';
        }}
      >
        {!dresses && marginTime(start, rate).join('\n')}
        {problem && (
          <i className="checkMark" role="img" aria-label={`To check: ${problem}`} title={problem} />
        )}
      </div>
      <article
        tabIndex={0}
        aria-label={block.name}
        onPointerDown={() => selected || set({ block: block.id })}
        onFocus={() => selected || set({ block: block.id })}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && event.target === event.currentTarget) {
            event.preventDefault();
            setTyping('arrive');
          } else if (jumpToPart(event)) {
            event.preventDefault();
            event.stopPropagation();
          }
        }}
      >
        {renaming && (
          <NameField
            label="Name of the block"
            name={block.name}
            give={(name) => commit([{ op: 'set', at: `${path}/name`, value: name }])}
            close={() => set({ renaming: null })}
          />
        )}
        {block.kind === 'text' && !dresses ? (
          <>
            {built ? (
              <BuiltWords block={block} built={built} active={selected} />
            ) : (
              <WordsField block={block} path={path} />
            )}
            {building && !built && (
              <TypedSentence
                told={toldOfWords}
                sentence={null}
                begins={block.text.trim() ? `“${block.text.replaceAll('”', '\\”')}”` : ''}
                close={() => setBuilding(false)}
              />
            )}
            {selected && !built && !building && !asField && !block.locked && (
              <div className="phaseTools">
                <Button
                  size="small"
                  type="text"
                  title="Of fields, other words, numbers that run, and what is done to them"
                  onClick={() => setBuilding(true)}
                >
                  build the words by steps
                </Button>
              </div>
            )}
            {asField && <p className="fieldNote">These words are open as ‹{asField.name}›.</p>}
          </>
        ) : (
          <p className="shapeName">{block.name}</p>
        )}
        {selected && !dresses && <PickedPiece block={block} path={path} view={view} />}
        {script && density !== 'words' && (
          <>
            {PHASES.map((name) => (
              <PhaseSection
                key={name}
                phase={name}
                script={script[name]}
                block={block}
                path={path}
                active={selected}
                typing={typing === name}
                setTyping={setTyping}
              />
            ))}
            {(selected || block.dress?.length) && (
              <SentenceLine
                lead={
                  <>
                    <b>Dressed</b> —{' '}
                  </>
                }
                sentence={script.dress}
                text=""
                active={selected}
                short={density === 'short'}
                told={toldOfDress}
              />
            )}
            {selected && (
              <div className="phaseTools">
                <Button size="small" type="text" onClick={() => setDressing(true)}>
                  looks
                </Button>
                {!keeping && (
                  <Button
                    size="small"
                    type="text"
                    title="Keeps how it looks, for other blocks and projects"
                    onClick={() => setKeeping(true)}
                  >
                    save as a style
                  </Button>
                )}
              </div>
            )}
            {selected && keeping && (
              <SaveStyle path={path} words={block.kind === 'text'} close={() => setKeeping(false)} />
            )}
            <SentenceLine
              sentence={script.setting}
              text=""
              active={selected}
              quiet
              short={density === 'short'}
              told={told}
            />
            {script.nested && (
              <SentenceLine
                sentence={script.nested}
                text=""
                active={selected}
                quiet
                short={density === 'short'}
              />
            )}
            {script.runs.map((run) => (
              <SentenceLine
                key={run.path}
                sentence={run}
                text=""
                active={selected}
                quiet
                short={density === 'short'}
                remove="Set this like the rest"
              />
            ))}
            {script.placed.map((word) => (
              <SentenceLine
                key={word.path}
                sentence={word}
                text=""
                active={selected}
                quiet
                short={density === 'short'}
                remove="Put this word back in its line"
              />
            ))}
            {selected && !dresses && (
              <SentenceLine sentence={script.span} text="" active={selected} quiet short={false} />
            )}
          </>
        )}
        {dressing && <LookGallery block={block} path={path} close={() => setDressing(false)} />}
        {selected && (
          <div className="blockTools">
            <button
              className="blockName"
              title="Rename (F2, or click)"
              onClick={() => set({ renaming: { block: block.id, at: 'page' } })}
            >
              {block.name}
            </button>
            {block.locked && (
              <Button
                size="small"
                type="text"
                onClick={() => commit([{ op: 'set', at: `${path}/locked`, value: false }])}
              >
                unlock
              </Button>
            )}
            <Button
              size="small"
              type="text"
              onClick={() => commit([{ op: 'set', at: `${path}/hidden`, value: !block.hidden }])}
            >
              {block.hidden ? 'show' : 'hide'}
            </Button>
            <Button
              size="small"
              type="text"
              disabled={Boolean(block.locked)}
              onClick={() =>
                editOrSay({ kind: 'removeBlocks', scene: path.split('/')[1]!, blocks: [block.id] })
              }
            >
              delete
            </Button>
          </div>
        )}
      </article>
    </div>
  );
});

/** One letter goes to the next part whose name begins with it: u to the unit, o to the order. */
function jumpToPart(event: KeyboardEvent<HTMLElement>): boolean {
  const target = event.target as HTMLElement;
  if (!/^[a-z]$/.test(event.key) || event.ctrlKey || event.metaKey || event.altKey) return false;
  if (target !== event.currentTarget && !target.matches('.part')) return false;
  const parts = [...event.currentTarget.querySelectorAll<HTMLElement>('.part')];
  const from = parts.indexOf(target) + 1;
  const next = [...parts.slice(from), ...parts.slice(0, from)].find((part) =>
    part.dataset.part?.startsWith(event.key),
  );
  next?.focus();
  return next !== undefined;
}
