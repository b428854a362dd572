import { memo } from 'react';
import type { Project, Scene } from '../api/client';
import { useStage } from '../document/stage';
import { AddBlock } from './AddBlock';
import { BlockCard } from './BlockCard';
import { SentenceLine } from './SentenceLine';

const DENSITY_TEXT = { full: 'full sentences', short: 'short lines', words: 'words only' };

/** The script-like column: the scene's blocks with their words and directions. Words stand first, shapes after them. */
export const PagePanel = memo(function PagePanel({ project, scene }: { project: Project; scene: Scene }) {
  const page = useStage((state) => state.page);
  const density = useStage((state) => state.density);
  const problem = useStage((state) => state.problem);
  const set = useStage((state) => state.set);
  const blocks = [
    ...scene.blocks.filter((block) => block.kind === 'text'),
    ...scene.blocks.filter((block) => block.kind === 'shape'),
  ];
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
          <SentenceLine sentence={page.background} text="" active quiet short={density === 'short'} />
        </div>
      )}
      {blocks.map((block) => (
        <BlockCard
          key={block.id}
          block={block}
          rate={scene.rate}
          path={`scenes/${scene.id}/blocks/${block.id}`}
          view={page?.blocks.find((one) => one.id === block.id)}
        />
      ))}
      <AddBlock project={project} scene={scene} />
    </section>
  );
});
