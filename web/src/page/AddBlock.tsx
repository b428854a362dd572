import { Button, Dropdown } from 'antd';
import { memo, useRef, useState } from 'react';
import type { Project, Scene } from '../api/client';
import { edit, editOrSay } from '../document/edit';
import { addPictures, PICTURE_KINDS } from '../document/pictureFile';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';

const SHAPES = [
  { key: 'rectangle', label: 'a rectangle' },
  { key: 'ellipse', label: 'an ellipse' },
  { key: 'line', label: 'a line' },
] as const;

/** Adds words, or a shape, at the playhead. */
export const AddBlock = memo(function AddBlock({ project, scene }: { project: Project; scene: Scene }) {
  const chosen = useStage((state) => state.block);
  const file = useRef<HTMLInputElement>(null);
  const [problem, setProblem] = useState('');
  const nestable = useStage((state) => state.page?.nestable) ?? [];
  const others = project.scenes.filter((one) => nestable.includes(one.id));
  const words = scene.blocks.find((block) => block.id === chosen && block.kind === 'text');
  const there = () => ({ scene: scene.id, frame: useStage.getState().frame });
  const addWords = async () => {
    try {
      await edit({ kind: 'addWords', ...there() });
      useStage.getState().set({ fresh: useStage.getState().block });
    } catch (error) {
      useDocument.setState({ message: reasonOf(error) });
    }
  };
  return (
    <div className="addWords">
      <Button onClick={() => void addWords()}>Add words</Button>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'plate', label: 'a plate behind the chosen words', disabled: !words },
            ...SHAPES.map(({ key, label }) => ({ key, label })),
            { key: 'picture', label: 'a picture or film' },
          ],
          onClick: ({ key }) => {
            const shape = SHAPES.find((one) => one.key === key);
            if (shape) editOrSay({ kind: 'addShape', ...there(), shape: shape.key });
            else if (key === 'picture') file.current?.click();
            else if (words) editOrSay({ kind: 'addPlate', scene: scene.id, words: words.id });
          },
        }}
      >
        <Button>Add a shape</Button>
      </Dropdown>
      {others.length > 0 && (
        <Dropdown
          trigger={['click']}
          menu={{
            items: others.map((one) => ({ key: one.id, label: one.name })),
            onClick: ({ key }) => editOrSay({ kind: 'addNested', ...there(), inner: key }),
          }}
        >
          <Button title="Another scene of this project, inside this one">Add a scene</Button>
        </Dropdown>
      )}
      {!scene.captions && (
        <Button
          title="Words of a voice, on screen while they are spoken"
          onClick={() => useStage.getState().set({ captionList: true, ledger: false })}
        >
          Captions
        </Button>
      )}
      <input
        ref={file}
        type="file"
        hidden
        multiple
        accept={PICTURE_KINDS}
        aria-label="Picture files"
        onChange={(event) => {
          void addPictures(scene, [...(event.target.files ?? [])]).then(setProblem);
          event.target.value = '';
        }}
      />
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
});
