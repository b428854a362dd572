import { memo, useCallback, useEffect, useLayoutEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { Scene } from '../api/client';
import { chooseCaption, editCaption, type Caption } from '../document/captions';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';
import { SentenceLine } from '../page/SentenceLine';
import { BeginCaptions } from './BeginCaptions';
import { CaptionRow } from './CaptionRow';
import { CaptionTools } from './CaptionTools';
import { ChosenCaption, NEW_CAPTION } from './ChosenCaption';
import { Rules } from './Rules';

const NONE: Caption[] = [];
/** Px of a row: two lines of words. */
const ROW = 48;
/** Rows that are drawn before and after those in sight. */
const SPARE = 6;

/** All captions as a list: rules, times, words in each language, reading speeds. */
export const CaptionList = memo(function CaptionList({ scene }: { scene: Scene }) {
  const script = useStage((state) => state.captions)?.script;
  const chosen = useStage((state) => state.caption);
  const too = useStage((state) => state.captionsToo);
  const made = useStage((state) => state.captionsMade);
  const set = useStage((state) => state.set);
  const box = useRef<HTMLDivElement>(null);
  const [sight, setSight] = useState({ top: 0, height: 400 });
  const captions = script?.lines ?? NONE;
  const row = scene.captions;
  const columns = row?.columns ?? [];
  const lines = new Map(row?.lines.map((line) => [line.id, line]));
  const place = captions.findIndex((one) => one.id === chosen);

  const there = script !== undefined;
  useLayoutEffect(() => {
    const element = box.current;
    if (!element) return;
    const seen = new ResizeObserver(() => setSight((now) => ({ ...now, height: element.clientHeight })));
    seen.observe(element);
    return () => seen.disconnect();
  }, [there]);
  // Wherever it was chosen, the chosen one is in sight.
  useEffect(() => {
    const element = box.current;
    if (!element || place < 0) return;
    const top = place * ROW;
    if (top < element.scrollTop) element.scrollTop = top;
    else if (top + ROW > element.scrollTop + element.clientHeight)
      element.scrollTop = top + ROW - element.clientHeight;
  }, [place]);

  const go = useCallback(
    (to: number) => {
      const next = captions[Math.max(0, Math.min(captions.length - 1, to))];
      if (!next) return;
      chooseCaption(next);
      requestAnimationFrame(() =>
        box.current
          ?.querySelector<HTMLElement>(`[data-caption="${next.id}"]`)
          ?.focus({ preventScroll: true }),
      );
    },
    [captions],
  );
  const keys = (event: KeyboardEvent) => {
    const own = captions[place];
    if (!own || event.ctrlKey || event.metaKey || event.altKey) return;
    if (!(event.target as Element).matches('[data-caption]')) return;
    const frame = useStage.getState().frame;
    const deeds: Record<string, () => void> = {
      ArrowDown: () => go(place + 1),
      ArrowUp: () => go(place - 1),
      Home: () => go(0),
      End: () => go(captions.length - 1),
      Enter: () => box.current?.querySelector<HTMLElement>(`[data-caption="${own.id}"] textarea`)?.focus(),
      s: () => editCaption(scene.id, own.id, 'split', { frame }),
      j: () => editCaption(scene.id, own.id, 'join'),
      i: () => editCaption(scene.id, own.id, 'insert', { text: NEW_CAPTION }),
      Delete: () => editCaption(scene.id, own.id, 'remove'),
      Backspace: () => editCaption(scene.id, own.id, 'remove'),
    };
    const deed = deeds[event.key];
    if (!deed) return;
    event.preventDefault();
    event.stopPropagation();
    deed();
  };
  const from = Math.max(0, Math.floor(sight.top / ROW) - SPARE);
  const to = Math.min(captions.length, Math.ceil((sight.top + sight.height) / ROW) + 1 + SPARE);
  return (
    <section className="captionList" aria-label="Captions">
      <header>
        <b>Captions</b>
        <span className="quiet">
          {captions.length > 0 && `${captions.length} in this scene`}
          {made.length > 0 && `; ${made.length} other than before`}
        </span>
        <button className="closeLedger" onClick={() => set({ captionList: false })}>
          close
        </button>
      </header>
      {!row && <BeginCaptions scene={scene} />}
      {row && script && (
        <>
          <Rules scene={scene} />
          <SentenceLine sentence={script.dressing} text="" active quiet short={false} />
          <CaptionTools scene={scene} />
          <div className="captionHeads" style={{ gridTemplateColumns: grid(columns.length) }}>
            <span>from</span>
            <span>to</span>
            {columns.map((column, i) => (
              <span key={column.id}>
                {column.name}
                {i > 0 && <RemoveColumn scene={scene.id} column={column} />}
              </span>
            ))}
            <span title={`Reading speed, ${script.counted}`}>
              {script.counted === 'characters a second' ? 'ch / s' : 'words / min'}
            </span>
          </div>
          <div
            className="captionRows"
            ref={box}
            role="grid"
            tabIndex={-1}
            aria-label="List of captions"
            onScroll={(event) => {
              const top = Math.floor(event.currentTarget.scrollTop / ROW) * ROW;
              setSight((now) => (now.top === top ? now : { ...now, top }));
            }}
            onKeyDown={keys}
          >
            <div style={{ height: captions.length * ROW, position: 'relative' }}>
              <div style={{ position: 'absolute', top: from * ROW, left: 0, right: 0 }}>
                {captions.slice(from, to).map((one) => {
                  const line = lines.get(one.id);
                  return (
                    line && (
                      <CaptionRow
                        key={one.id}
                        scene={scene}
                        caption={one}
                        line={line}
                        columns={columns}
                        template={grid(columns.length)}
                        height={ROW}
                        on={one.id === chosen}
                        too={too.includes(one.id)}
                        made={made.includes(one.id)}
                      />
                    )
                  );
                })}
              </div>
            </div>
          </div>
          {captions[place] && lines.get(captions[place].id) && (
            <ChosenCaption scene={scene} caption={captions[place]} line={lines.get(captions[place].id)!} />
          )}
        </>
      )}
    </section>
  );
});

const grid = (columns: number) => `84px 84px repeat(${columns}, minmax(0, 1fr)) 62px`;

function RemoveColumn({ scene, column }: { scene: string; column: { id: string; name: string } }) {
  return (
    <button
      className="removeColumn"
      aria-label={`Take ${column.name} away`}
      title="Take this language away"
      onClick={() => editOrSay({ kind: 'removeCaptions', scene, column: column.id })}
    >
      ×
    </button>
  );
}
