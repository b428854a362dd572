import { Button, Checkbox, InputNumber } from 'antd';
import { useState } from 'react';
import type { Format, Intent, Operation, Scene } from '../api/client';
import { NameField } from '../controls/NameField';
import { edit } from '../document/edit';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { reasonOf } from '../document/reasons';
import { useFrameShapes } from './frameShapes';

const SIDES = ['left', 'top', 'right', 'bottom'] as const;
const LONGEST_NAME = 60;

/** The formats of a scene: named, resized, made the base, taken away, and new ones. */
export function FormatsPanel({ scene, scenes }: { scene: Scene; scenes: number }) {
  const shapes = useFrameShapes();
  const [own, setOwn] = useState({ width: 1080, height: 1350 });
  const [everywhere, setEverywhere] = useState(false);
  const [problem, setProblem] = useState('');
  const wish = (intent: Intent, then?: () => void) => {
    setProblem('');
    edit(intent)
      .then(then)
      .catch((error: unknown) => setProblem(reasonOf(error)));
  };
  const add = (name: string, width: number, height: number, safe?: Format['safe']) =>
    wish(
      { kind: 'addFormat', scene: scene.id, name, width, height, everywhere, safe: safe ?? undefined },
      () => {
        const now = useDocument.getState().document?.scenes.find((one) => one.id === scene.id);
        const made = now?.formats.find((one) => one.width === width && one.height === height);
        if (made) useStage.getState().set({ format: made.id });
      },
    );
  const isThere = (width: number, height: number) =>
    !everywhere && scene.formats.some((one) => one.width === width && one.height === height);
  const left = shapes.filter((shape) => !isThere(shape.width, shape.height));
  const groups = [...new Set(left.map((shape) => shape.group))];

  return (
    <div className="formatsPanel">
      <table>
        <tbody>
          {scene.formats.map((format, index) => (
            <FormatRow key={format.id} scene={scene} format={format} isBase={index === 0} wish={wish} />
          ))}
        </tbody>
      </table>
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      <div className="shapes">
        {groups.map((group) => (
          <p key={group}>
            <span className="quiet">{group}</span>
            {left
              .filter((shape) => shape.group === group)
              .map((shape) => (
                <Button
                  key={shape.name}
                  size="small"
                  title={`${shape.width} × ${shape.height} px`}
                  onClick={() => add(shape.name, shape.width, shape.height, shape.safe)}
                >
                  + {shape.name}
                </Button>
              ))}
          </p>
        ))}
      </div>
      <div className="ownShape">
        {(['width', 'height'] as const).map((side) => (
          <InputNumber
            key={side}
            size="small"
            aria-label={side === 'width' ? 'Width of a new format' : 'Height of a new format'}
            precision={0}
            value={own[side]}
            onChange={(value) => setOwn({ ...own, [side]: value ?? own[side] })}
          />
        ))}
        px
        <Button size="small" onClick={() => add(`${own.width}×${own.height}`, own.width, own.height)}>
          Add
        </Button>
        {scenes > 1 && (
          <Checkbox checked={everywhere} onChange={(event) => setEverywhere(event.target.checked)}>
            to all scenes
          </Checkbox>
        )}
      </div>
      <p className="quiet">
        A format shows what {scene.formats[0]!.name} shows, as large as it goes, until something is changed in
        it alone. Lengths in px are those of the format that is shown.
      </p>
    </div>
  );
}

function FormatRow({
  scene,
  format,
  isBase,
  wish,
}: {
  scene: Scene;
  format: Format;
  isBase: boolean;
  wish: (intent: Intent, then?: () => void) => void;
}) {
  const commit = useDocument((state) => state.commit);
  const [naming, setNaming] = useState(false);
  const [safeOpen, setSafeOpen] = useState(false);
  const at = `scenes/${scene.id}/formats/${format.id}`;
  const base = scene.formats[0]!;
  const resize = (size: { width?: number; height?: number }) =>
    wish({
      kind: 'resizeFormat',
      scene: scene.id,
      format: format.id,
      width: size.width ?? format.width,
      height: size.height ?? format.height,
    });
  const remove = () => {
    if (useStage.getState().format === format.id) useStage.getState().set({ format: base.id });
    commit([{ op: 'remove', at }]);
  };
  const follow = () =>
    commit(
      format.overrides.map((override): Operation => ({ op: 'remove', at: `${at}/overrides/${override.id}` })),
    );
  const usual = useStage((state) => state.page?.usualSafe);
  const safe = format.safe ?? usual;
  return (
    <>
      <tr>
        <td>
          {naming ? (
            <NameField
              name={format.name}
              label={`Name of the format ${format.name}`}
              longest={LONGEST_NAME}
              give={(name) => commit([{ op: 'set', at: `${at}/name`, value: name }])}
              close={() => setNaming(false)}
            />
          ) : (
            <button className="formatName" title="Rename" onClick={() => setNaming(true)}>
              {format.name}
            </button>
          )}
        </td>
        <td className="size">
          <Sides label="Width" format={format} value={format.width} give={(width) => resize({ width })} /> ×{' '}
          <Sides label="Height" format={format} value={format.height} give={(height) => resize({ height })} />
        </td>
        <td>
          {isBase ? (
            <span className="quiet">base</span>
          ) : (
            <Button
              size="small"
              type="text"
              onClick={() =>
                wish({ kind: 'makeBase', scene: scene.id, format: format.id }, () =>
                  useStage.getState().set({ format: format.id }),
                )
              }
            >
              make base
            </Button>
          )}
        </td>
        <td>
          <Button size="small" type="text" aria-expanded={safeOpen} onClick={() => setSafeOpen(!safeOpen)}>
            safe area
          </Button>
          {!isBase && format.overrides.length > 0 && (
            <Button
              size="small"
              type="text"
              title={`${format.overrides.length} values of its own`}
              onClick={follow}
            >
              follow {base.name}
            </Button>
          )}
          {!isBase && (
            <Button size="small" type="text" onClick={remove}>
              take away
            </Button>
          )}
        </td>
      </tr>
      {safeOpen && safe && (
        <tr>
          <td colSpan={4} className="safeSides">
            Free of words, %:{' '}
            {SIDES.map((side) => (
              <label key={side}>
                {side}
                <InputNumber
                  size="small"
                  aria-label={`Safe area of ${format.name}, ${side}`}
                  min={0}
                  max={45}
                  value={safe[side]}
                  onChange={(value) =>
                    value !== null &&
                    commit([{ op: 'set', at: `${at}/safe`, value: { ...safe, [side]: value } }], `${at}/safe`)
                  }
                />
              </label>
            ))}
            {format.safe && (
              <Button size="small" type="text" onClick={() => commit([{ op: 'clear', at: `${at}/safe` }])}>
                as in broadcast
              </Button>
            )}
          </td>
        </tr>
      )}
    </>
  );
}

/** One side of a format; it is resized once the number is whole. */
function Sides({
  label,
  format,
  value,
  give,
}: {
  label: string;
  format: Format;
  value: number;
  give: (value: number) => void;
}) {
  const [typed, setTyped] = useState<number | null>(null);
  const done = () => {
    if (typed !== null && typed !== value) give(typed);
    setTyped(null);
  };
  return (
    <InputNumber
      size="small"
      aria-label={`${label} of ${format.name}`}
      precision={0}
      controls={false}
      value={typed ?? value}
      onChange={setTyped}
      onPressEnter={done}
      onBlur={done}
    />
  );
}
