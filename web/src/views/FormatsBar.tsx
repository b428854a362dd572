import { PlusOutlined } from '@ant-design/icons';
import { App, Button, InputNumber, Popover, Segmented } from 'antd';
import { memo, useState } from 'react';
import type { Format, Operation, Scene } from '../api/client';
import { isBase } from '../document/overrides';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

const SHAPES: [string, number, number][] = [
  ['16:9', 1920, 1080],
  ['1:1', 1080, 1080],
  ['9:16', 1080, 1920],
  ['4:5', 1080, 1350],
  ['300×250', 300, 250],
  ['160×600', 160, 600],
];
const LEAST = 16;
const MOST = 8192;

/** The scene's formats: which one is shown, whether changes are meant for it alone, and new ones. */
export const FormatsBar = memo(function FormatsBar({ scene }: { scene: Scene }) {
  const shown = useStage((state) => state.format);
  const everywhere = useStage((state) => state.everywhere);
  const set = useStage((state) => state.set);
  const [open, setOpen] = useState(false);
  const base = isBase(scene, shown);
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
          content={<FormatsPanel scene={scene} />}
        >
          <button aria-label="Formats of this scene" title="Add, resize or take away formats">
            <PlusOutlined />
          </button>
        </Popover>
      </span>
      {!base && (
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

function FormatsPanel({ scene }: { scene: Scene }) {
  const { message } = App.useApp();
  const [width, setWidth] = useState(1080);
  const [height, setHeight] = useState(1350);
  const commit = useDocument((state) => state.commit);
  const at = `scenes/${scene.id}/formats`;
  const base = scene.formats[0]!;

  const add = (name: string, across: number, down: number) => {
    const same = scene.formats.find((format) => format.width === across && format.height === down);
    if (same) {
      void message.info(`${same.name} has this shape already.`);
      return;
    }
    const ids = new Set(scene.formats.map((format) => format.id));
    let id = `f-${across}x${down}`;
    while (ids.has(id)) id += 'a';
    const value: Format = { id, name, width: across, height: down, overrides: [] };
    commit([{ op: 'insert', at, index: scene.formats.length, value }]);
    useStage.getState().set({ format: id });
  };
  const remove = (format: Format) => {
    useStage.getState().set({ format: base.id });
    commit([{ op: 'remove', at: `${at}/${format.id}` }]);
  };
  const follow = (format: Format) =>
    commit(
      format.overrides.map((override): Operation => ({
        op: 'remove',
        at: `${at}/${format.id}/overrides/${override.id}`,
      })),
    );

  return (
    <div className="formatsPanel">
      <table>
        <tbody>
          {scene.formats.map((format) => (
            <tr key={format.id}>
              <td>
                <b>{format.name}</b>
              </td>
              <td>
                {format.width} × {format.height}
              </td>
              <td className="quiet">
                {format.id === base.id ? 'base' : `${format.overrides.length} of its own`}
              </td>
              <td>
                {format.overrides.length > 0 && (
                  <Button size="small" type="text" onClick={() => follow(format)}>
                    follow {base.name}
                  </Button>
                )}
                {format.id !== base.id && (
                  <Button size="small" type="text" onClick={() => remove(format)}>
                    take away
                  </Button>
                )}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="shapes">
        {SHAPES.filter(
          ([, across, down]) => !scene.formats.some((one) => one.width === across && one.height === down),
        ).map(([name, across, down]) => (
          <Button key={name} size="small" onClick={() => add(name, across, down)}>
            + {name}
          </Button>
        ))}
      </div>
      <div className="ownShape">
        <InputNumber
          size="small"
          aria-label="Width of a new format"
          min={LEAST}
          max={MOST}
          precision={0}
          value={width}
          onChange={(value) => setWidth(value ?? width)}
        />
        ×
        <InputNumber
          size="small"
          aria-label="Height of a new format"
          min={LEAST}
          max={MOST}
          precision={0}
          value={height}
          onChange={(value) => setHeight(value ?? height)}
        />
        px
        <Button size="small" onClick={() => add(`${width}×${height}`, width, height)}>
          Add
        </Button>
      </div>
      <p className="quiet">
        A format shows what {base.name} shows, as large as it goes, until something is changed in it alone.
      </p>
    </div>
  );
}
