import { Button } from 'antd';
import type { Control, Filling, Operation, Part, Scene } from '../api/client';
import { editOrSay } from '../document/edit';
import { isBase, overridesOn } from '../document/overrides';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { rowOf } from '../document/versioned';
import { useCommit } from './drawerCommit';

/** Values of a part that hold in less than everything: in a format, in a version, or in a format of that. */
export interface Own {
  /** In what they hold, in words. */
  where: string;
  /** Whom the part follows without them. */
  follows: string;
  values: Filling[];
  /** Where the format keeps them; empty for a version. */
  list: string;
  /** What the version calls them; empty for a format. */
  correction: string;
}

/** What the shown format and version have of their own in this part; nothing for what is everybody's. */
export function useOwn(part: Part): Own[] {
  const scene = useDocument((state) => state.document?.scenes.find((one) => one.id === stageScene()));
  const shown = useStage((state) => state.format);
  const row = useStage((state) => state.row);
  const version = useDocument((state) => (row ? rowOf(state.document, row) : null));
  const format = scene?.formats.find((one) => one.id === shown);
  if (!scene || !format) return [];
  const layers: Omit<Own, 'values'>[] = [];
  const values: Filling[][] = [];
  if (!isBase(scene, shown)) {
    layers.push({
      where: format.name,
      follows: scene.formats[0]?.name ?? '',
      list: `scenes/${scene.id}/formats/${format.id}/overrides`,
      correction: '',
    });
    values.push(format.overrides);
  }
  for (const one of version?.own ?? []) {
    if (one.scene !== scene.id || (one.format !== undefined && one.format !== shown)) continue;
    layers.push({
      where: one.format ? `this version in ${format.name}` : 'this version',
      follows: one.format ? 'the version' : 'all versions',
      list: '',
      correction: one.id,
    });
    values.push(one.values ?? []);
  }
  return layers.flatMap((layer, i) => {
    const own = bearing(part, scene, values[i]!);
    return own.length > 0 ? [{ ...layer, values: own }] : [];
  });
}

const stageScene = () => useStage.getState().scene;

/** Those values that a part is about. */
function bearing(part: Part, scene: Scene, values: Filling[]): Filling[] {
  const own = new Set<Filling>();
  for (const at of pathsOf(part)) {
    const [, of, , block, ...path] = at.split('/');
    if (of === scene.id && block && path.length > 0)
      overridesOn(values, block, path).forEach((one) => own.add(one));
  }
  return [...own];
}

/** The values that a part is about: those of its numbers and colours, and what its first control sets. */
function pathsOf(part: Part): string[] {
  return (part.controls as Control[]).flatMap((control, i) => {
    if (control.kind === 'number') return control.edits.map((edit) => edit.at);
    if (control.kind === 'tint') return [control.at];
    if (i > 0 || control.kind === 'turn') return [];
    if ('at' in control) return [control.at];
    return control.options.flatMap((option) => option.operations.map((operation) => operation.at));
  });
}

/** Says in what alone a part is so, and lets it follow the others again. */
export function OwnNote({ part }: { part: Part }) {
  const own = useOwn(part);
  const row = useStage((state) => state.row);
  const commit = useCommit();
  return own.map(({ where, follows, values, list, correction }) => (
    <p className="ownNote" key={list + correction}>
      Only in {where}.{' '}
      <Button
        size="small"
        type="link"
        onClick={() =>
          correction && row
            ? editOrSay({ kind: 'followAgain', row, correction, values: values.map((one) => one.id) })
            : commit(values.map((one): Operation => ({ op: 'remove', at: `${list}/${one.id}` })))
        }
      >
        Follow {follows} again
      </Button>
    </p>
  ));
}
