import { Button } from 'antd';
import type { Control, Format, Operation, Part, Scene } from '../api/client';
import { isBase, overridesOn } from '../document/overrides';
import { useDocument } from '../document/store';
import { useCommit } from './drawerCommit';
import { useStage } from '../document/stage';

type Override = Format['overrides'][number];

/** What the shown format has of its own in this part; nothing in the base format. */
export function useOwn(part: Part): { scene: Scene | null; format: Format | null; own: Override[] } {
  const scene = useDocument((state) => state.document?.scenes.find((one) => one.id === stageScene()));
  const shown = useStage((state) => state.format);
  const format = scene?.formats.find((one) => one.id === shown) ?? null;
  if (!scene || !format || isBase(scene, shown)) return { scene: null, format: null, own: [] };
  const own = new Set<Override>();
  for (const at of pathsOf(part)) {
    const [, , , block, ...path] = at.split('/');
    if (block && path.length > 0) overridesOn(format, block, path).forEach((one) => own.add(one));
  }
  return { scene, format, own: [...own] };
}

const stageScene = () => useStage.getState().scene;

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

/** Says that a part is this format's own, and lets it follow the base again. */
export function OwnNote({ part }: { part: Part }) {
  const { scene, format, own } = useOwn(part);
  const commit = useCommit();
  if (!format || !scene || own.length === 0) return null;
  const at = `scenes/${scene.id}/formats/${format.id}/overrides`;
  return (
    <p className="ownNote">
      Only in {format.name}.{' '}
      <Button
        size="small"
        type="link"
        onClick={() =>
          commit(own.map((override): Operation => ({ op: 'remove', at: `${at}/${override.id}` })))
        }
      >
        Follow {scene.formats[0]?.name} again
      </Button>
    </p>
  );
}
