import { PlusOutlined } from '@ant-design/icons';
import { Popover, Segmented } from 'antd';
import { memo, useState } from 'react';
import type { Scene } from '../api/client';
import { isBase } from '../document/overrides';
import { useStage } from '../document/stage';
import { FormatsPanel } from './FormatsPanel';

/**
 * The scene's formats: which one is shown, whether changes are meant for it alone, and new ones.
 *
 * `scenes` is how many the project has.
 */
export const FormatsBar = memo(function FormatsBar({ scene, scenes }: { scene: Scene; scenes: number }) {
  const shown = useStage((state) => state.format);
  const everywhere = useStage((state) => state.everywhere);
  const set = useStage((state) => state.set);
  const [open, setOpen] = useState(false);
  const base = isBase(scene, shown);
  // Beside a version, what changes are meant for is said there.
  const version = useStage((state) => state.row);
  return (
    <>
      <span className="formats" role="group" aria-label="Formats">
        {scene.formats.map((format) => (
          <button
            key={format.id}
            className={format.id === shown ? 'on' : ''}
            onClick={() => set({ format: format.id })}
          >
            {format.name}
          </button>
        ))}
        <Popover
          trigger="click"
          placement="bottomRight"
          open={open}
          onOpenChange={setOpen}
          content={<FormatsPanel scene={scene} scenes={scenes} />}
        >
          <button aria-label="Formats of this scene" title="Add, name, resize or take away formats">
            <PlusOutlined />
          </button>
        </Popover>
      </span>
      {!base && !version && (
        <Segmented
          size="small"
          aria-label="Changes are meant for"
          value={everywhere ? 'all' : 'one'}
          options={[
            { value: 'one', label: 'change here' },
            { value: 'all', label: 'everywhere' },
          ]}
          onChange={(value) => set({ everywhere: value === 'all' })}
        />
      )}
    </>
  );
});
