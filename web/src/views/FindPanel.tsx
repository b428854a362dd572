import { Empty, Input, Modal } from 'antd';
import { memo, useEffect, useRef, useState } from 'react';
import { postJson } from '../api/client';
import type { components } from '../api/generated';
import { draftedNow } from '../document/drafted';
import { openScene } from '../document/openScene';
import { reasonOf } from '../document/reasons';
import { frames } from '../document/times';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

type Found = components['schemas']['Found'];

/** How long nothing more is typed before it is looked for. */
const PAUSE_MS = 150;

/** Looks for words in all names, words and directions of the project; each place can be gone to. */
export const FindPanel = memo(function FindPanel({ open, close }: { open: boolean; close: () => void }) {
  return (
    <Modal open={open} onCancel={close} footer={null} title="Find in all scenes" width={620} destroyOnHidden>
      <Search close={close} />
    </Modal>
  );
});

function Search({ close }: { close: () => void }) {
  const [words, setWords] = useState('');
  /** What was found, and for which words. */
  const [answer, setAnswer] = useState<{ words: string; found: Found[] } | null>(null);
  /** The words for which Enter was pressed before they were answered. */
  const awaited = useRef<string | null>(null);
  const [problem, setProblem] = useState('');
  useEffect(() => {
    let gone = false;
    const timer = setTimeout(() => {
      if (!words.trim()) return setAnswer(null);
      const { id } = useDocument.getState();
      postJson<Found[]>(`/api/projects/${id}/find`, { draft: draftedNow(), words }).then(
        (found) => {
          setProblem('');
          if (gone) return;
          setAnswer({ words, found });
          if (awaited.current === words && found[0]) goTo(found[0], close);
        },
        (error: unknown) => !gone && setProblem(reasonOf(error)),
      );
    }, PAUSE_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [words, close]);
  const found = answer?.found;
  const scenes = useDocument.getState().document?.scenes ?? [];
  return (
    <div className="find">
      <Input
        autoFocus
        aria-label="Find"
        placeholder="Words, a name, or something of a direction"
        maxLength={200}
        value={words}
        onChange={(event) => setWords(event.target.value)}
        onPressEnter={() => {
          if (answer?.words !== words) awaited.current = words;
          else if (answer.found[0]) goTo(answer.found[0], close);
        }}
      />
      {problem && <p className="problem">{problem}</p>}
      {found?.length === 0 && <Empty image={null} description="Nothing says that." />}
      {found && found.length > 0 && (
        <ul>
          {found.map((one, i) => (
            <li key={i}>
              <button onClick={() => goTo(one, close)}>
                <b>{one.name}</b>
                <span>
                  {one.where} · {scenes.find((scene) => scene.id === one.scene)?.name}
                </span>
                <em>{one.text}</em>
              </button>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

/** Opens the scene and chooses the block or the caption, at the first frame that it is on. */
function goTo({ scene: id, block: chosen, caption }: Found, close: () => void) {
  const scene = useDocument.getState().document?.scenes.find((one) => one.id === id);
  close();
  if (!scene) return;
  if (useStage.getState().scene !== id) openScene(scene);
  const line = scene.captions?.lines.find((one) => one.id === caption);
  const span = (line ?? scene.blocks.find((one) => one.id === chosen))?.span;
  if (!span) return;
  const start = Math.round(frames(span.start));
  const frame = Math.min(scene.length - 1, Math.max(0, start));
  const { set } = useStage.getState();
  // A caption's words stand in the list.
  if (line) return set({ block: null, caption, captionsToo: [], captionList: true, frame, playing: false });
  set({ block: chosen, frame, playing: false });
  requestAnimationFrame(() =>
    document
      .querySelector(`.block[data-block='${CSS.escape(chosen)}']`)
      ?.scrollIntoView({ block: 'nearest' }),
  );
}
