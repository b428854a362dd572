import { postJson } from '../api/client';
import type { components } from '../api/generated';
import { draftedNow } from './drafted';
import { edit } from './edit';
import { useDocument } from './store';
import { reasonOf } from './reasons';
import { useStage } from './stage';

const say = (message: string) => useDocument.setState({ message });
const blocksOf = (scene: string) =>
  useDocument.getState().document?.scenes.find((one) => one.id === scene)?.blocks ?? [];

/** Does something that makes blocks, and chooses all of them. */
export async function choosing(scene: string, make: () => Promise<unknown>): Promise<void> {
  const before = new Set(blocksOf(scene).map((block) => block.id));
  await make();
  const [first, ...others] = blocksOf(scene)
    .map((block) => block.id)
    .filter((id) => !before.has(id));
  if (!first) return;
  useStage.getState().set({ block: first });
  useStage.getState().set({ others });
}

/** What was copied last, until the clipboard surely has it: for ever where the browser refused, or until another window is used. */
let underway: Promise<string> | null = null;

/** A clipboard that has taken something may give out what it had before for so long. */
const SETTLING_MS = 1500;

window.addEventListener('blur', () => {
  underway = null;
});

/** Blocks of the open scene as text on the clipboard; false when that could not be, and then it is said why. */
export async function copyOut(blocks: string[]): Promise<boolean> {
  const clip = postJson<components['schemas']['ClipView']>(
    `/api/projects/${useDocument.getState().id}/clip`,
    { draft: draftedNow(), blocks },
  ).then(({ text }) => text);
  underway = clip;
  const blob = clip.then((text) => new Blob([text], { type: 'text/plain' }));
  try {
    // The text is given as it comes: browsers let a page write only right after a key or click.
    await navigator.clipboard.write([new ClipboardItem({ 'text/plain': blob })]);
    setTimeout(() => {
      if (underway === clip) underway = null;
    }, SETTLING_MS);
    return true;
  } catch (error) {
    const refused = await clip.then(() => '', reasonOf);
    if (refused && underway === clip) underway = null;
    say(refused ? `Nothing was copied: ${refused}` : `Copied for this window only: ${reasonOf(error)}`);
    return !refused;
  }
}

/** Puts what was copied into the open scene: blocks, or words as a block of their own. */
export async function pasteIn(text: string): Promise<void> {
  const { scene, frame } = useStage.getState();
  try {
    // Who pastes right after copying means what was copied last, also while it is on its way.
    const newest = await (underway?.catch(() => text) ?? text);
    await choosing(scene, () => edit({ kind: 'paste', scene, text: newest, frame }));
  } catch (error) {
    say(reasonOf(error));
  }
}

/** The same, from where there is no event of pasting. */
export async function pasteFromMenu(): Promise<void> {
  let text: string;
  try {
    text = await navigator.clipboard.readText();
  } catch {
    say('The browser does not let a menu read what was copied. Press Ctrl V.');
    return;
  }
  await pasteIn(text);
}
