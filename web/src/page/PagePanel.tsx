import { Button } from 'antd';
import type { Block, Project, Scene, TextBlock } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { BlockCard } from './BlockCard';

const DENSITY_TEXT = { full: 'full sentences', short: 'short lines', words: 'words only' };

/** The script-like column: the scene's blocks with their words and directions. Words stand first, shapes after them. */
export function PagePanel({ project, scene }: { project: Project; scene: Scene }) {
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
        <button onClick={() => set({ density: next[density] })}>{DENSITY_TEXT[density]}</button>
      </div>
      {problem && <p className="problem">{problem}</p>}
      {blocks.map((block) => (
        <BlockCard
          key={block.id}
          block={block}
          scene={scene}
          path={`scenes/${scene.id}/blocks/${block.id}`}
          view={page?.blocks.find((one) => one.id === block.id)}
        />
      ))}
      <Button className="addWords" onClick={() => addWords(project, scene)}>
        Add words
      </Button>
    </section>
  );
}

/** A new block of words, set as the words before it are, at the playhead. */
function addWords(project: Project, scene: Scene): void {
  const models: Block[] = [scene, ...project.scenes].flatMap((one) => one.blocks);
  const model = models.find((block): block is TextBlock => block.kind === 'text');
  const ids = new Set(scene.blocks.map((block) => block.id));
  let number = 1;
  while (ids.has(`words-${number}`)) number++;
  const start = Math.min(useStage.getState().frame, scene.length - 1);
  const centre = { value: 50, unit: 'frame' as const };
  const face = { family: 'Archivo', style: 'normal' as const, axes: { wght: 700 }, sha256: '' };
  const block: TextBlock = {
    kind: 'text',
    id: `words-${number}`,
    name: `Words ${number}`,
    span: { start, end: Math.max(start + 1, scene.length) },
    place: { x: centre, y: centre, rotation: 0, pivot: { across: 'centre', down: 'middle', box: 'metric' } },
    opacity: 1,
    hidden: false,
    arrive: { moves: [] },
    leave: { moves: [] },
    text: '',
    runs: [],
    setting: model ? structuredClone(model.setting) : { face, size: 120 },
  };
  useDocument
    .getState()
    .commit([{ op: 'insert', at: `scenes/${scene.id}/blocks`, index: scene.blocks.length, value: block }]);
  useStage.getState().set({ block: block.id });
}
