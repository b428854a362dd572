import { memo, useState } from 'react';
import type { Scene } from '../api/client';
import {
  chooseCaption,
  chooseCaptionToo,
  editCaption,
  type Caption,
  type CaptionLine,
} from '../document/captions';
import { noTime, readTime } from '../document/edits';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { timecode } from '../document/timecode';

/** A caption in the list: its times and its words, typed anew where they stand. */
export const CaptionRow = memo(function CaptionRow({
  scene,
  caption,
  line,
  columns,
  template,
  height,
  on,
  too,
  made,
}: {
  scene: Scene;
  caption: Caption;
  line: CaptionLine;
  columns: { id: string; name: string }[];
  template: string;
  height: number;
  on: boolean;
  /** Chosen beside another. */
  too: boolean;
  /** Other than before all were made anew. */
  made: boolean;
}) {
  const speeds = columns.map((column) => caption.speeds[column.id]);
  const faults = columns.flatMap((column) => caption.faults[column.id] ?? []);
  const notes = [...faults, ...(caption.late ? ['comes after the end of the scene'] : [])];
  return (
    <div
      className={`captionRow ${on ? 'on' : ''} ${too ? 'too' : ''} ${made ? 'made' : ''} ${notes.length > 0 ? 'broken' : ''}`}
      data-caption={caption.id}
      tabIndex={on ? 0 : -1}
      role="row"
      aria-label={`Caption at ${timecode(caption.start, scene.rate)}`}
      aria-selected={on || too}
      title={notes.length > 0 ? `It ${notes.join('; it ')}.` : made ? 'Other than before' : undefined}
      style={{ gridTemplateColumns: template, height }}
      onPointerDown={(event) => {
        if (event.shiftKey || event.ctrlKey || event.metaKey) {
          event.preventDefault();
          chooseCaptionToo(caption, event.shiftKey);
        } else if (!on || useStage.getState().captionsToo.length > 0) chooseCaption(caption);
      }}
      onFocus={() => on || too || chooseCaption(caption)}
    >
      <TimeField scene={scene} caption={caption} edge="start" />
      <TimeField scene={scene} caption={caption} edge="end" />
      {columns.map((column) => (
        <WordsCell
          key={column.id}
          label={`${column.name}: ${timecode(caption.start, scene.rate)}`}
          text={line.text[column.id] ?? ''}
          give={(text) => editCaption(scene.id, caption.id, 'retype', { text, column: column.id })}
        />
      ))}
      <span className="captionSpeed">
        {speeds.map((speed, i) => (
          <span key={columns[i]!.id} className={caption.faults[columns[i]!.id] ? 'unsure' : ''}>
            {speed === undefined ? '–' : Math.round(speed)}
          </span>
        ))}
        {(line.byHand || (line.own?.length ?? 0) > 0) && (
          <i
            className="byHandMark"
            title={line.byHand ? 'Set by hand' : 'Dressed otherwise than the others'}
          />
        )}
      </span>
    </div>
  );
});

function TimeField({ scene, caption, edge }: { scene: Scene; caption: Caption; edge: 'start' | 'end' }) {
  const [typed, setTyped] = useState<string | null>(null);
  const shown = timecode(caption[edge], scene.rate);
  const keep = () => {
    if (typed === null || typed === shown) return setTyped(null);
    const rate = scene.rate.numerator / scene.rate.denominator;
    const frame = readTime(typed, rate, scene.beats ? (rate * 60) / scene.beats.perMinute : null);
    if (frame === null) useDocument.setState({ message: noTime(typed) });
    else editCaption(scene.id, caption.id, edge, { frame });
    setTyped(null);
  };
  return (
    <input
      className="captionTime"
      aria-label={edge === 'start' ? 'Begins at' : 'Ends at'}
      title="Frames 36, seconds 1.5s, or 0:01 + 12; the arrow keys step it"
      value={typed ?? shown}
      onFocus={(event) => event.target.select()}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        event.stopPropagation();
        const by = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
        if (event.key === 'Enter') keep();
        else if (event.key === 'Escape') setTyped(null);
        else if (by) {
          event.preventDefault();
          editCaption(scene.id, caption.id, edge, {
            frame: Math.round(caption[edge]) + by * (event.shiftKey ? 10 : 1),
          });
        }
      }}
    />
  );
}

/** Words that are typed anew: taken with Enter and when they are left, as they were with Escape. */
function WordsCell({ label, text, give }: { label: string; text: string; give: (text: string) => void }) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    if (typed !== null && typed.trim() !== text) give(typed);
    setTyped(null);
  };
  return (
    <textarea
      rows={2}
      className="captionWords"
      aria-label={label}
      value={typed ?? text}
      onChange={(event) => setTyped(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        event.stopPropagation();
        const row = event.currentTarget.closest<HTMLElement>('[data-caption]');
        if (event.key === 'Enter' && !event.shiftKey) {
          event.preventDefault();
          keep();
          row?.focus();
        } else if (event.key === 'Escape') {
          setTyped(null);
          row?.focus();
        }
      }}
    />
  );
}
