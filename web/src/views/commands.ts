import type { Intent } from '../api/client';
import { editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** Something that is done to the chosen blocks: from a menu, by a key, and told in the list of keys. */
export interface Command {
  id: string;
  name: string;
  /** As it is printed: names of keys, those that are held first. */
  keys: string;
  /** Whether there is something to do it to. */
  can: () => boolean;
  run: () => void;
}

const sceneNow = () => {
  const { scene } = useStage.getState();
  return useDocument.getState().document?.scenes.find((one) => one.id === scene);
};

/** The chosen blocks, as far as they are in the open scene. */
const chosen = () => {
  const { block, others } = useStage.getState();
  return sceneNow()?.blocks.filter((one) => one.id === block || others.includes(one.id)) ?? [];
};

/** Done to the chosen blocks of the open scene. */
const does = (intent: (scene: string, blocks: string[]) => Intent) => () =>
  editOrSay(
    intent(
      useStage.getState().scene,
      chosen().map((block) => block.id),
    ),
  );
const any = () => chosen().length > 0;

const restack = (to: 'front' | 'nearer' | 'further' | 'back', name: string, keys: string): Command => ({
  id: to,
  name,
  keys,
  can: () => any() && (sceneNow()?.blocks.length ?? 0) > chosen().length,
  run: does((scene, blocks) => ({ kind: 'restackBlocks', scene, blocks, to })),
});

/** What can be done to blocks, alike on the page, in the picture and in the bar sheet. */
export const COMMANDS: Command[] = [
  {
    id: 'duplicate',
    name: 'Duplicate',
    keys: 'Ctrl D',
    can: any,
    run: does((scene, blocks) => ({ kind: 'copyBlocks', scene, blocks, by: 0 })),
  },
  {
    id: 'hide',
    name: 'Hide or show',
    keys: 'Shift H',
    can: any,
    run: () => {
      const blocks = chosen();
      const value = !blocks.every((block) => block.hidden);
      const at = `scenes/${useStage.getState().scene}/blocks`;
      useDocument
        .getState()
        .commit(blocks.map((block) => ({ op: 'set', at: `${at}/${block.id}/hidden`, value })));
    },
  },
  restack('front', 'Before all others', 'Shift PageUp'),
  restack('nearer', 'One nearer', 'PageUp'),
  restack('further', 'One further back', 'PageDown'),
  restack('back', 'Behind all others', 'Shift PageDown'),
  {
    id: 'all',
    name: 'Choose all blocks',
    keys: 'Ctrl A',
    can: () => (sceneNow()?.blocks.length ?? 0) > 0,
    run: () => {
      const ids = sceneNow()!.blocks.map((block) => block.id);
      const { block, set } = useStage.getState();
      const first = block && ids.includes(block) ? block : ids[0]!;
      set({ block: first });
      set({ others: ids.filter((id) => id !== first) });
    },
  },
  {
    id: 'remove',
    name: 'Delete',
    keys: 'Delete',
    can: any,
    run: () => {
      does((scene, blocks) => ({ kind: 'removeBlocks', scene, blocks }))();
      useStage.getState().set({ block: null });
    },
  },
];

/** What has keys of its own: there no command of blocks is meant. */
const OTHERWISE =
  'input, textarea, select, button, a, .part, [role=slider], [role=dialog], [contenteditable]';

/** The command whose keys are pressed, where blocks can be meant and it can be done. */
export function pressed(event: KeyboardEvent): Command | undefined {
  const target = event.target instanceof Element ? event.target : null;
  if (event.defaultPrevented || event.altKey || target?.closest(OTHERWISE)) return undefined;
  const key =
    event.key === 'Backspace' ? 'Delete' : event.key.length === 1 ? event.key.toUpperCase() : event.key;
  const keys = [event.ctrlKey || event.metaKey ? 'Ctrl' : '', event.shiftKey ? 'Shift' : '', key];
  const printed = keys.filter(Boolean).join(' ');
  const command = COMMANDS.find((one) => one.keys === printed);
  // Chosen keys of a block go before the block itself.
  return command?.can() && !(command.id === 'remove' && useStage.getState().keys.length > 0)
    ? command
    : undefined;
}
