import { Button, Dropdown } from 'antd';
import { memo, useState, type Dispatch, type SetStateAction } from 'react';
import type { Block, Option, PhaseScript } from '../api/client';
import type { PhaseName } from '../document/phases';
import { useDocument } from '../document/store';
import { withOthers } from '../document/together';
import { useStage } from '../document/stage';
import type { Json } from '../moves/library';
import { MoveGallery } from '../moves/MoveGallery';
import { SaveMoves } from '../moves/SaveMoves';
import { editOrSay } from '../document/edit';
import { fits, pasting, type Share } from '../document/moveEdits';
import { sharedMoves } from '../document/shared';
import { MoveMenu } from './MoveMenu';
import { SentenceLine } from './SentenceLine';
import { TypedLine } from './TypedLine';

const TITLES = { arrive: 'Arrives', dwell: 'Dwells', leave: 'Leaves' };
const STILL = { arrive: 'at once, with a cut.', dwell: 'standing still.', leave: 'at once, with a cut.' };

/** A phase of a block: one sentence for each of its moves, and ways to add more. */
export const PhaseSection = memo(function PhaseSection({
  phase,
  script,
  block,
  path,
  active,
  typing,
  setTyping,
}: {
  phase: PhaseName;
  script: PhaseScript;
  block: Block;
  path: string;
  active: boolean;
  typing: boolean;
  setTyping: Dispatch<SetStateAction<PhaseName | null>>;
}) {
  const density = useStage((state) => state.density);
  const [choosing, setChoosing] = useState(false);
  const [saving, setSaving] = useState(false);
  const add = (move: unknown, share: Share) =>
    editOrSay(pasting(path, withOthers(block.id), phase, [move], share));
  if (phase === 'dwell' && script.sentences.length === 0 && !active) return null;
  return (
    <div className="phase" data-phase={phase}>
      {script.sentences.length === 0 && (
        <p className="sentence">
          <PhaseMark phase={phase} /> <b>{TITLES[phase]}</b> — {STILL[phase]}
        </p>
      )}
      {script.sentences.map((sentence, i) => (
        <SentenceLine
          key={sentence.path}
          lead={
            <>
              <PhaseMark phase={phase} /> <b>{i === 0 ? TITLES[phase] : 'and'}</b> —{' '}
            </>
          }
          sentence={sentence}
          text={script.texts[i] ?? ''}
          phase={phase}
          active={active}
          short={density === 'short'}
          menu={<MoveMenu block={block} phase={phase} id={sentence.path.split('/').at(-1)!} path={path} />}
        />
      ))}
      {active && density === 'full' && script.whole && (
        <SentenceLine sentence={script.whole} text="" active quiet short={false} />
      )}
      {active && density !== 'words' && (
        <div className="phaseTools">
          <Button
            size="small"
            type="text"
            aria-label={`Add a move to ${phase}`}
            onClick={() => setChoosing(true)}
          >
            + move
          </Button>
          <Button size="small" type="text" onClick={() => setTyping(phase)}>
            type it
          </Button>
          {script.sentences.length > 0 && (
            <Button
              size="small"
              type="text"
              aria-label={`Save the moves of ${phase}`}
              onClick={() => setSaving(!saving)}
            >
              save
            </Button>
          )}
          {phase === 'leave' && <BackOffer script={script} />}
          <Shared phase={phase} block={block} add={add} />
          <Paste phase={phase} path={path} id={block.id} />
        </div>
      )}
      {typing && (
        <TypedLine
          phase={phase}
          initial=""
          previous={null}
          hint={
            script.sentences.length > 0
              ? 'Enter adds it beside what is there, Ctrl Enter puts it in the place of all that.'
              : undefined
          }
          offers={script.offers as Option[]}
          offered={(offer) => useDocument.getState().commit(offer.operations)}
          // Another phase may be typed by then.
          close={() => setTyping((now) => (now === phase ? null : now))}
          done={(move, otherwise) => add(move, otherwise ? 'typedInstead' : 'typed')}
        />
      )}
      {saving && (
        <SaveMoves
          phase={phase}
          moves={(block[phase]?.moves ?? []) as unknown as Json[]}
          close={() => setSaving(false)}
        />
      )}
      {choosing && <MoveGallery phase={phase} block={block} path={path} close={() => setChoosing(false)} />}
    </div>
  );
});

/** Adds a move that is shared in this project; it follows all others of its name. */
function Shared({
  phase,
  block,
  add,
}: {
  phase: PhaseName;
  block: Block;
  add: (move: unknown, share: Share) => void;
}) {
  const project = useDocument((state) => state.document);
  const there = new Set((block[phase]?.moves ?? []).map((move) => move.shared));
  const offered = project ? sharedMoves(project, phase).filter((move) => !there.has(move.shared)) : [];
  const fitting = offered.filter((move) => block.kind === 'text' || move.unit === 'whole');
  if (fitting.length === 0) return null;
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: fitting.map((move, i) => ({ key: String(i), label: move.shared })),
        onClick: ({ key }) => add(fitting[Number(key)], 'all'),
      }}
    >
      <Button size="small" type="text" aria-label={`Add a shared move to ${phase}`}>
        shared
      </Button>
    </Dropdown>
  );
}

/** Pastes copied moves into this phase of the chosen blocks. */
function Paste({ phase, path, id }: { phase: PhaseName; path: string; id: string }) {
  const copied = useStage((state) => state.copied);
  const others = useStage((state) => state.others);
  if (!fits(copied, phase)) return null;
  const ids = [id, ...others];
  const to = ids.length > 1 ? ` to ${ids.length} blocks` : '';
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: 'all', label: `paste everything${to}` },
          { key: 'pace', label: `only pace and easing${to}` },
          { key: 'channels', label: `only what changes${to}` },
        ],
        onClick: ({ key }) => editOrSay(pasting(path, ids, phase, copied.moves, key as Share)),
      }}
    >
      <Button size="small" type="text" aria-label={`Paste moves into ${phase}`}>
        paste
      </Button>
    </Dropdown>
  );
}

/** Ways out that are made of the way in: seen backwards, or on to the other side. */
function BackOffer({ script }: { script: PhaseScript }) {
  const commit = useDocument((state) => state.commit);
  if (script.sentences.length > 0) return null;
  return (script.offers as Option[]).map((offer) => (
    <Button key={offer.label} size="small" type="text" onClick={() => commit(offer.operations)}>
      {offer.label}
    </Button>
  ));
}

/** Phases are told by hatching and shape: rising wedge, bar, falling wedge. */
function PhaseMark({ phase }: { phase: PhaseName }) {
  const points = { arrive: '0,11 16,1 16,11', dwell: '0,4 16,4 16,11 0,11', leave: '0,1 16,11 0,11' }[phase];
  return (
    <svg className={`phaseMark ${phase}`} viewBox="0 0 16 12" aria-hidden>
      <polygon points={points} fill={phase === 'dwell' ? 'var(--sea)' : `url(#hatch-${phase})`} />
    </svg>
  );
}
