import { memo } from 'react';
import type { Project, Scene } from '../api/client';
import { Beginnings } from './Beginnings';
import { isDressing } from '../document/captions';
import { edit } from '../document/edit';
import { MANY_BLOCKS } from '../document/many';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { unwritten } from '../document/unwritten';
import { useDocument } from '../document/store';
import { AddBlock } from './AddBlock';
import { BlockCard } from './BlockCard';
import { Conditions } from './Conditions';
import { Dressing } from './Dressing';
import { NearCard } from './NearCard';
import { SentenceLine } from './SentenceLine';
import { TypedSentence, type Told } from './TypedSentence';
import { middleOf } from '../document/times';

const THE_SCENE: Told = { of: 'scene' };
const DENSITY_TEXT = { full: 'full sentences', short: 'short lines', words: 'words only' };

/** The script-like column: the scene's blocks with their words and directions. Words stand first, shapes after them. */
export const PagePanel = memo(function PagePanel({
  project,
  scene,
  look,
}: {
  project: Project;
  scene: Scene;
  /** Goes to the demo. */
  look: () => void;
}) {
  const page = useStage((state) => state.page);
  const density = useStage((state) => state.density);
  const problem = useStage((state) => state.problem);
  const typing = useStage((state) => state.typingScene);
  const set = useStage((state) => state.set);
  const own = scene.captions ? scene.blocks.filter((block) => !isDressing(scene, block.id)) : scene.blocks;
  const blocks = [
    ...own.filter((block) => block.kind === 'text'),
    ...own.filter((block) => block.kind === 'shape'),
  ];
  const untouched = unwritten(blocks);
  const Card = blocks.length > MANY_BLOCKS ? NearCard : BlockCard;
  const next = { full: 'short', short: 'words', words: 'full' } as const;
  return (
    <section className="page" aria-label="The page">
      <div className="pageTools">
        <button title="All blocks as a table (L)" onClick={() => set({ ledger: true })}>
          ledger
        </button>
        <button onClick={() => set({ density: next[density] })}>{DENSITY_TEXT[density]}</button>
      </div>
      {problem && <p className="problem">{problem}</p>}
      {page && density !== 'words' && (
        <div className="behind">
          <SentenceLine
            sentence={page.background}
            text=""
            active
            quiet
            short={density === 'short'}
            told={THE_SCENE}
          />
        </div>
      )}
      {page && density === 'full' && <Conditions scene={scene.id} shown={page.conditions} />}
      {typing && (
        <div className="behind">
          <TypedSentence told={THE_SCENE} sentence={null} close={() => set({ typingScene: false })} />
        </div>
      )}
      {untouched && (
        <Beginnings
          lead="Begin with"
          begin={(one) => {
            edit({ kind: 'begin', scene: scene.id, with: one })
              .then(() => {
                const open = useDocument.getState().document?.scenes.find((now) => now.id === scene.id);
                set({ fresh: useStage.getState().block, frame: open ? middleOf(open) : 0 });
              })
              .catch((error: unknown) => useDocument.setState({ message: reasonOf(error) }));
          }}
          look={look}
        />
      )}
      {blocks.map((block) => (
        <Card
          key={block.id}
          block={block}
          rate={scene.rate}
          path={`scenes/${scene.id}/blocks/${block.id}`}
          view={page?.blocks.find((one) => one.id === block.id)}
        />
      ))}
      <AddBlock project={project} scene={scene} />
      {scene.captions && <Dressing scene={scene} short={density === 'short'} />}
    </section>
  );
});
