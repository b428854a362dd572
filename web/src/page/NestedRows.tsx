import { useContext, useState } from 'react';
import type { NestedControl, NestedLine, ShapeBlock } from '../api/client';
import { ColourField } from '../controls/ColourField';
import { editOrSay } from '../document/edit';
import { openScene } from '../document/openScene';
import { valueAt } from '../document/patch';
import { useStage } from '../document/stage';
import { shownNow, useDocument } from '../document/store';
import { DrawerOrigin } from './drawerCommit';

type NestedFill = Extract<ShapeBlock['fill'], { kind: 'scene' }>;

/** The words and colours of a scene where it stands in another; what is left alone follows that scene. */
export function NestedRows({ control }: { control: NestedControl }) {
  const project = useDocument((state) => state.document);
  const origin = useContext(DrawerOrigin);
  const fill = () => valueAt(shownNow(), control.at) as NestedFill;
  const [, scene = '', , block = ''] = control.at.split('/');
  const put = (line: NestedLine, values: { path: string[]; value?: unknown }[]) =>
    editOrSay(
      { kind: 'fillNested', scene, format: useStage.getState().format, block, inner: line.id, values },
      origin,
    );
  const words = (line: NestedLine, text: string | null) => [{ path: line.textPath, value: text }];
  const colour = (line: NestedLine, hex: string | null) => [
    { path: line.colourPath, value: hex === null ? null : { kind: 'solid', colour: hex } },
  ];
  const inner = project?.scenes.find((one) => one.id === fill()?.scene);
  return (
    <div className="nestedRows">
      {control.lines.map((line) => (
        <div key={line.id} className="row wide nestedRow" data-nested={line.id}>
          <span>{line.name}</span>
          {line.text != null && <Words line={line} change={(text) => put(line, words(line, text))} />}
          {line.colour && (
            <ColourField
              label={`Colour of ${line.name}`}
              opaque
              value={line.otherColour ?? line.colour}
              change={(hex) => put(line, colour(line, hex === line.colour ? null : hex))}
            />
          )}
          {(line.otherText != null || line.otherColour != null) && (
            <button
              aria-label={`${line.name} as in its scene`}
              title="As in its scene"
              onClick={() => put(line, [...words(line, null), ...colour(line, null)])}
            >
              its own
            </button>
          )}
        </div>
      ))}
      {inner && (
        <button className="openNested" onClick={() => openScene(inner)}>
          open {inner.name}
        </button>
      )}
    </div>
  );
}

function Words({ line, change }: { line: NestedLine; change: (text: string | null) => void }) {
  const shown = line.otherText ?? line.text ?? '';
  const [typed, setTyped] = useState<string | null>(null);
  const done = () => {
    if (typed !== null && typed !== shown) change(typed === line.text ? null : typed);
    setTyped(null);
  };
  return (
    <textarea
      aria-label={`Words of ${line.name}`}
      className={line.otherText == null ? '' : 'changed'}
      rows={Math.min(3, (typed ?? shown).split('\n').length)}
      value={typed ?? shown}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={done}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && !event.shiftKey) {
          event.preventDefault();
          done();
        } else if (event.key === 'Escape' && typed !== null) {
          event.stopPropagation();
          setTyped(null);
        }
      }}
    />
  );
}
