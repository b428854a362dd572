import { useEffect, useLayoutEffect, useRef, useState, type RefObject } from 'react';
import type { TextBlock } from '../api/client';
import { cleanText, spliceBetween } from '../document/patch';
import { editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { useOwnFaces } from './ownFaces';

const MOST = 20000;

/** A block's words, editable in place in roughly their own face. */
export function WordsField({ block, path }: { block: TextBlock; path: string }) {
  const field = useRef<HTMLTextAreaElement>(null);
  const commit = useDocument((state) => state.commit);
  const set = useStage((state) => state.set);
  const face = block.setting.face;
  // The chosen block's words are larger.
  const large = useStage((state) => state.block === block.id);
  useHeight(field, block.text, `${face.family} ${JSON.stringify(face.axes)} ${large}`);
  const axes = Object.entries(face.axes ?? {});
  const [chosen, setChosen] = useState<[number, number] | null>(null);
  const fresh = useStage((state) => state.fresh === block.id);
  useEffect(() => {
    if (!fresh) return;
    field.current?.focus();
    // What stands there to be typed over.
    field.current?.select();
    set({ fresh: null });
  }, [fresh, set]);
  /** The words when the caret came. */
  const before = useRef(block.text);
  const standIn = useOwnFaces((state) => state.refused.includes(face.family));
  const part = chosen && block.text.slice(...chosen).trim() ? chosen : null;
  return (
    <>
      <textarea
        ref={field}
        className="words"
        aria-label={`Words of ${block.name}`}
        placeholder="Type a title"
        title={standIn ? `Your browser cannot show “${face.family}” here; the picture does` : undefined}
        rows={1}
        spellCheck
        lang={block.setting.language ?? 'en-GB'}
        dir="auto"
        maxLength={MOST}
        style={{
          fontFamily: `${standIn ? '' : `'${face.family}', `}'Knollwind fallback', sans-serif`,
          fontStyle: face.style,
          fontVariationSettings: axes.map(([tag, value]) => `"${tag}" ${value}`).join(', ') || undefined,
        }}
        value={block.text}
        onFocus={() => {
          before.current = block.text;
          set({ editing: block.id, playing: false, block: block.id });
        }}
        onBlur={() => {
          set({ editing: null });
          if (block.text === before.current) return;
          const scene = path.split('/')[1]!;
          const called = { kind: 'callByWords', scene, block: block.id, before: before.current } as const;
          // One step with what was typed.
          useDocument
            .getState()
            .ask(called, `${path}/text`)
            .catch(() => undefined);
        }}
        onSelect={({ currentTarget: { selectionStart, selectionEnd } }) =>
          setChosen(selectionStart < selectionEnd ? [selectionStart, selectionEnd] : null)
        }
        onKeyDown={(event) => {
          if (event.key === 'Escape') field.current?.blur();
          // In pairs a tab parts a line. Escape leaves the field, and Shift and Tab goes back as ever.
          if (event.key === 'Tab' && !event.shiftKey && block.setting.pairs) {
            event.preventDefault();
            const { selectionStart, selectionEnd } = event.currentTarget;
            event.currentTarget.setRangeText('\t', selectionStart, selectionEnd, 'end');
            event.currentTarget.dispatchEvent(new Event('input', { bubbles: true }));
          }
        }}
        onChange={(event) => {
          const edit = spliceBetween(block.text, cleanText(event.target.value).slice(0, MOST));
          if (edit.removed > 0 || edit.inserted.length > 0) {
            commit([{ op: 'splice', at: `${path}/text`, ...edit }], `${path}/text`);
          }
        }}
      />
      {part && (
        <button
          className="styleWords"
          // Pressing must not take the selection away before it is used.
          onPointerDown={(event) => event.preventDefault()}
          onClick={() => {
            editOrSay({
              kind: 'styleWords',
              scene: path.split('/')[1]!,
              block: block.id,
              from: part[0],
              to: part[1],
            });
            setChosen(null);
            // The button goes; who pressed it by key goes on from the words.
            field.current?.focus();
            field.current?.setSelectionRange(part[1], part[1]);
          }}
        >
          Style “{shortened(block.text.slice(...part))}” on its own
        </button>
      )}
    </>
  );
}

/**
 * Makes a field as high as its words, also when its face has only now been fetched.
 *
 * @param look what else changes the room that they take
 */
function useHeight(field: RefObject<HTMLTextAreaElement | null>, text: string, look: string): void {
  useLayoutEffect(() => {
    const fit = () => {
      if (!field.current) return;
      field.current.style.height = '0';
      field.current.style.height = `${field.current.scrollHeight}px`;
    };
    fit();
    document.fonts.addEventListener('loadingdone', fit);
    return () => document.fonts.removeEventListener('loadingdone', fit);
  }, [field, text, look]);
}

const shortened = (text: string) => (text.length > 18 ? `${text.slice(0, 18)}…` : text);
