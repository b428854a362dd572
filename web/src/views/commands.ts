import type { Block, Intent } from '../api/client';
import { choosing, copyOut, pasteFromMenu } from '../document/clipboard';
import { edit, editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import { reasonOf } from '../document/reasons';
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

/** Told by the browser as an event of its own, which brings what was copied. */
const PASTE = 'Ctrl V';
/** What a button cannot mean: they go to the blocks wherever the focus was left. */
const ANYWHERE = ['Ctrl C', 'Ctrl X', 'Ctrl D', 'Ctrl A', 'F2'];
/** Buttons that stand for a block. */
const NAMED = '[data-row], [data-ribbon]';
const FIELDS = 'input, textarea, select, [role=dialog], [contenteditable]';

/** Whether something is typed where an event goes to. */
export const isField = (target: EventTarget | null): boolean =>
  target instanceof Element && target.closest(FIELDS) !== null;

const ids = () => chosen().map((block) => block.id);
/** What is locked is not taken away. */
const loose = () =>
  chosen()
    .filter((block) => !block.locked)
    .map((block) => block.id);
const remove = () => {
  const { scene, set } = useStage.getState();
  editOrSay({ kind: 'removeBlocks', scene, blocks: loose() });
  set({ block: null });
};
/** Sets a mark of the chosen blocks, or takes it from them where all have it. */
const mark = (name: 'hidden' | 'locked') => () => {
  const blocks = chosen();
  const value = !blocks.every((block) => block[name]);
  const at = `scenes/${useStage.getState().scene}/blocks`;
  useDocument
    .getState()
    .commit(blocks.map((block) => ({ op: 'set', at: `${at}/${block.id}/${name}`, value })));
};

/** Opens something of each chosen block as a field, and says so. */
function openAll(what: 'words' | 'seen', takes: (block: Block) => boolean) {
  const { scene } = useStage.getState();
  const say = (message: string) => useDocument.setState({ message });
  void (async () => {
    try {
      for (const block of chosen().filter(takes))
        say(await edit({ kind: 'openBlock', scene, block: block.id, what }));
    } catch (error) {
      say(reasonOf(error));
    }
  })();
}

/** What can be done to blocks, alike on the page, in the picture and in the bar sheet. */
export const COMMANDS: Command[] = [
  {
    id: 'cut',
    name: 'Cut',
    keys: 'Ctrl X',
    can: () => loose().length > 0,
    run: () => void copyOut(loose()).then((copied) => copied && remove()),
  },
  { id: 'copy', name: 'Copy', keys: 'Ctrl C', can: any, run: () => void copyOut(ids()) },
  {
    id: 'paste',
    name: 'Paste',
    keys: PASTE,
    can: () => sceneNow() !== undefined,
    run: () => void pasteFromMenu(),
  },
  {
    id: 'duplicate',
    name: 'Duplicate',
    keys: 'Ctrl D',
    can: any,
    run: () => {
      const { scene } = useStage.getState();
      const blocks = ids();
      choosing(scene, () => edit({ kind: 'copyBlocks', scene, blocks, by: 0 })).catch((error: unknown) =>
        useDocument.setState({ message: reasonOf(error) }),
      );
    },
  },
  {
    id: 'rename',
    name: 'Rename',
    keys: 'F2',
    can: any,
    run: () => {
      const { block, set } = useStage.getState();
      const inSheet = document.activeElement?.closest('.barSheet');
      set({ renaming: { block: block ?? ids()[0]!, at: inSheet ? 'sheet' : 'page' } });
    },
  },
  {
    id: 'hide',
    name: 'Hide or show',
    keys: 'Shift H',
    can: any,
    run: mark('hidden'),
  },
  {
    id: 'openWords',
    name: 'Open the words as a field',
    keys: 'Shift F',
    can: () => chosen().some((block) => block.kind === 'text'),
    run: () => openAll('words', (block) => block.kind === 'text'),
  },
  {
    id: 'openSeen',
    name: 'Open as a field whether it is shown',
    keys: 'Shift V',
    can: any,
    run: () => openAll('seen', () => true),
  },
  { id: 'lock', name: 'Lock or unlock', keys: 'Shift L', can: any, run: mark('locked') },
  {
    id: 'alone',
    name: 'Show alone, or all',
    keys: 'Shift A',
    can: () => any() || useStage.getState().alone.length > 0,
    run: () => {
      const { alone, set } = useStage.getState();
      const now = ids();
      const same = alone.length === now.length && now.every((id) => alone.includes(id));
      set({ alone: same || now.length === 0 ? [] : now });
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
    can: () => loose().length > 0,
    run: remove,
  },
];

/** What has keys of its own: there no command of blocks is meant. */
const OTHERWISE =
  'input, textarea, select, button, a, .part, [role=slider], [role=dialog], [contenteditable]';

/** The command whose keys are pressed, where blocks can be meant and it can be done. */
export function pressed(event: KeyboardEvent): Command | undefined {
  const target = event.target instanceof Element ? event.target : null;
  if (event.defaultPrevented || event.altKey) return undefined;
  const key =
    event.key === 'Backspace' ? 'Delete' : event.key.length === 1 ? event.key.toUpperCase() : event.key;
  const keys = [event.ctrlKey || event.metaKey ? 'Ctrl' : '', event.shiftKey ? 'Shift' : '', key];
  const printed = keys.filter(Boolean).join(' ');
  const meant = ANYWHERE.includes(printed) || target?.closest(NAMED);
  if (meant ? isField(target) : target?.closest(OTHERWISE)) return undefined;
  // What is marked on the page is copied as text.
  if (printed === 'Ctrl C' && !(getSelection()?.isCollapsed ?? true)) return undefined;
  const command = printed === PASTE ? undefined : COMMANDS.find((one) => one.keys === printed);
  // Chosen keys of a block go before the block itself.
  return command?.can() && !(command.id === 'remove' && useStage.getState().keys.length > 0)
    ? command
    : undefined;
}
