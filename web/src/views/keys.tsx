import { Modal } from 'antd';
import { memo, useEffect } from 'react';
import { useDocument } from '../document/store';
import { useStage, type Density } from '../document/stage';
import { tapCue } from '../document/cues';
import { pasteIn } from '../document/clipboard';
import { editOrSay } from '../document/edit';
import { openScene } from '../document/openScene';
import { ONION } from '../picture/Transport';
import { COMMANDS, isField, pressed } from './commands';
import { fold, FOLDS } from './folding';

/** Those of the workbench's keys that are no commands of blocks, by what they are for. */
const KEYS: Record<string, [string, string][]> = {
  Time: [
    ['Space', 'play or stop'],
    ['← →', 'one frame back or on'],
    ['Home End', 'first or last frame'],
    ['C', 'a cue at the playhead, also while playing'],
    ['R', 'record keys: what is changed at another time becomes a key of that time'],
  ],
  Blocks: [
    ['Ctrl Z, Ctrl Shift Z', 'undo, do again'],
    ['Ctrl F', 'find words, names and directions in all scenes'],
    ['G', 'do the last change again, to the chosen blocks'],
    ['Alt PageUp, Alt PageDown', 'the scene before, the next one'],
    ['Shift F10, or right click', 'what can be done to the chosen blocks'],
  ],
  Sentences: [
    ['Enter on a block', 'type a direction'],
    ['T', 'type what the scene is: its length, tempo, ground, camera, crossing'],
    ['Tab, or a letter', 'the next part of a sentence; u unit, c change, e edge or easing, o order, p pace'],
    ['↑ ↓ on a part', 'change it; with Shift by ten, with Alt by a tenth'],
    ['Enter on a part', 'open its drawer'],
    ['Escape', 'close a drawer: what Enter did not take is as it was before; give up a drag'],
    ['L', 'the ledger: all blocks as a table'],
    ['D', 'how much the page says'],
  ],
  'Picture and bar sheet': [
    ['← → ↑ ↓ in the picture', 'move the chosen block by 1 px; with Shift by 10, with Alt by 0.1'],
    [
      'click, click again',
      'choose a block in the picture, then a word of it, then a character; Shift and click chooses several blocks',
    ],
    [
      'drag in the bar sheet',
      'with Shift a copy, with Ctrl the later ones are pushed along, with both what happens inside slips, with Alt nothing snaps',
    ],
    ['S', 'snapping in the bar sheet, on or off'],
    ['Ctrl and wheel', 'zoom the picture or the bar sheet'],
    ['O', 'onion skin: frames before and after shine through'],
    ['H, held', 'the picture without what lies over it'],
    [
      FOLDS.map((one) => one.key).join(' '),
      `fold the ${FOLDS.map((one) => one.name).join(', the ')} away, or bring it back`,
    ],
    ['?', 'these keys'],
  ],
};
const COMMAND_KEYS = COMMANDS.map((command): [string, string] => [command.keys, command.name.toLowerCase()]);
const DENSITIES: Density[] = ['full', 'short', 'words'];

/** Opens the scene so many places on. */
function goToScene(by: number): void {
  const scenes = useDocument.getState().document?.scenes ?? [];
  const next = scenes[scenes.findIndex((one) => one.id === useStage.getState().scene) + by];
  if (next) openScene(next);
}

/** The workbench's keys, wherever the focus is but in a text field. */
export function useKeys(help: () => void, find: () => void): void {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      const typing = isField(event.target);
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        if (event.shiftKey) useDocument.getState().redo();
        else useDocument.getState().undo();
        return;
      }
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'f') {
        event.preventDefault();
        find();
        return;
      }
      const command = pressed(event);
      if (command) {
        event.preventDefault();
        command.run();
        return;
      }
      const scenes = { PageUp: -1, PageDown: 1 }[event.key];
      if (scenes && event.altKey && !typing) {
        event.preventDefault();
        goToScene(scenes);
        return;
      }
      if (typing || event.ctrlKey || event.metaKey || event.altKey) return;
      const stage = useStage.getState();
      const last = (stage.page?.length ?? 1) - 1;
      const go = (frame: number) => stage.set({ frame: Math.max(0, Math.min(last, frame)), playing: false });
      const onButton = event.target instanceof HTMLElement && event.target.closest('button, [role=slider]');
      // On a sentence a letter goes to a part; on a button of the page somebody began to type too early.
      const on = event.target instanceof HTMLElement ? event.target : null;
      const onPageButton = on?.closest('.page button');
      const onPart = onPageButton ?? on?.closest('.part, article');
      const folding = FOLDS.find((one) => one.key.toLowerCase() === event.key.toLowerCase());
      if (event.key === ' ' && !onButton) stage.set({ playing: !stage.playing });
      else if (event.key.toLowerCase() === 'o' && !onPart) stage.set({ onion: stage.onion > 0 ? 0 : ONION });
      else if (event.key === 'ArrowLeft' && !onButton) go(stage.frame - 1);
      else if (event.key === 'ArrowRight' && !onButton) go(stage.frame + 1);
      else if (event.key === 'Home') go(0);
      else if (event.key === 'End') go(last);
      else if (event.key === '?') help();
      else if (event.key.toLowerCase() === 'g' && !onPart) doAgain();
      else if (event.key.toLowerCase() === 'l' && !onPart)
        stage.set({ ledger: !stage.ledger, captionList: false });
      else if (event.key.toLowerCase() === 'h' && !onPart) stage.set({ bare: true });
      else if (event.key.toLowerCase() === 't' && !onPart) {
        event.preventDefault();
        stage.set({ typingScene: true, ledger: false, captionList: false });
      } else if (event.key.toLowerCase() === 'c' && !onPart) tapCue();
      else if (event.key.toLowerCase() === 's' && !onPart) stage.set({ snapping: !stage.snapping });
      else if (event.key.toLowerCase() === 'r' && !onPart) stage.set({ recording: !stage.recording });
      else if (folding && !onPart) fold(folding.fold);
      else if (event.key.toLowerCase() === 'd' && !onPageButton)
        stage.set({ density: DENSITIES[(DENSITIES.indexOf(stage.density) + 1) % 3] ?? 'full' });
      else return;
      event.preventDefault();
    };
    const paste = (event: ClipboardEvent) => {
      if (isField(event.target)) return;
      event.preventDefault();
      void pasteIn(event.clipboardData?.getData('text/plain') ?? '');
    };
    const release = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 'h') useStage.getState().set({ bare: false });
    };
    const leave = () => useStage.getState().set({ bare: false });
    window.addEventListener('keydown', press);
    window.addEventListener('paste', paste);
    window.addEventListener('keyup', release);
    window.addEventListener('blur', leave);
    return () => {
      window.removeEventListener('keydown', press);
      window.removeEventListener('paste', paste);
      window.removeEventListener('keyup', release);
      window.removeEventListener('blur', leave);
    };
  }, [help, find]);
}

export const KeysPanel = memo(function KeysPanel({ open, close }: { open: boolean; close: () => void }) {
  return (
    <Modal open={open} onCancel={close} footer={null} title="Keys" width={1080} centered>
      <div className="keyGroups">
        {Object.entries(KEYS).map(([group, keys]) => (
          <section key={group}>
            <h3>{group}</h3>
            <dl className="keys">
              {[...keys, ...(group === 'Blocks' ? COMMAND_KEYS : [])].map(([key, what]) => (
                <div key={key}>
                  <dt>{key}</dt>
                  <dd>{what}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Modal>
  );
});

/** Does to the chosen blocks what was last done to another one. */
function doAgain(): void {
  const { block, others } = useStage.getState();
  const last = useDocument.getState().undoSteps.at(-1);
  if (last && block) editOrSay({ kind: 'doAgain', done: last.forward, blocks: [block, ...others] });
}
