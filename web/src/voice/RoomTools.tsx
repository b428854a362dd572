import { useState } from 'react';
import type { VoiceWord } from '../api/client';
import { editOrSay } from '../document/edit';
import { clock } from './Stave';

/** What a word reads as that is put in, until it is typed. */
export const NEW_WORD = 'word';

/** Where a word is split: at the playhead, or in its middle. */
export const splitAt = (word: VoiceWord, second: number) =>
  second > word.start && second < word.end ? second : (word.start + word.end) / 2;

/** Plays the room's words and corrects the chosen one; each tool has a key. */
export function RoomTools({
  word,
  count,
  captions,
  second,
  going,
  voice,
  play,
  retype,
  change,
}: {
  /** The chosen one; none where there are no words. */
  word: VoiceWord | undefined;
  count: number;
  captions: number;
  second: number;
  going: boolean;
  voice: string;
  play: (what: 'word' | 'line' | 'loop' | 'on') => void;
  retype: () => void;
  change: (word: VoiceWord, deed: string, more?: { text?: string; second?: number }) => void;
}) {
  const tool = (label: string, title: string, act: (word: VoiceWord) => void, disabled = false) => (
    <button className="roomTool" title={title} disabled={!word || disabled} onClick={() => word && act(word)}>
      {label}
    </button>
  );
  return (
    <footer className="roomTools">
      <button
        className="roomPlay"
        aria-label={going ? 'Stop' : 'Play from this word'}
        title="Play from this word (Space)"
        disabled={!word}
        onClick={() => play('on')}
      >
        {going ? '■' : '▶'} {clock(second)}.{String(Math.floor((second % 1) * 100)).padStart(2, '0')}
      </button>
      {tool('play word', 'Play this word (W)', () => play('word'))}
      {tool('play line', 'Play this line (L)', () => play('line'))}
      {tool('loop line', 'Play this line again and again', () => play('loop'))}
      {tool('retype', 'Type it anew (Enter)', retype)}
      {tool('split', 'Into two, at the playhead or in the middle (S)', (own) =>
        change(own, 'split', { second: splitAt(own, second) }),
      )}
      {tool('join', 'With the next word (J)', (own) => change(own, 'join'))}
      {tool('insert', 'Another word after it (I)', (own) => change(own, 'insert', { text: NEW_WORD }))}
      {tool('take away', 'Take the word away (Delete)', (own) => change(own, 'remove'))}
      {tool('confirm', 'It is right as it is (C)', (own) => change(own, 'confirm'), Boolean(word?.byHand))}
      <ShiftAll voice={voice} disabled={count === 0} />
      <span className="quiet roomCount">
        {count} {count === 1 ? 'word' : 'words'}
        {captions > 0 && ` · ${captions} ${captions === 1 ? 'caption' : 'captions'}`}
      </span>
    </footer>
  );
}

/** Moves all words in time. */
function ShiftAll({ voice, disabled }: { voice: string; disabled: boolean }) {
  const [typed, setTyped] = useState('');
  const shift = () => {
    const by = Number(typed.replace(',', '.').replace('−', '-'));
    if (typed.trim() === '' || !Number.isFinite(by)) return;
    editOrSay({ kind: 'shiftWords', voice, seconds: by / 1000 });
    setTyped('');
  };
  return (
    <label className="shiftAll">
      shift all by
      <input
        aria-label="Shift all words by, milliseconds"
        title="Milliseconds; negative for earlier. Press Enter"
        disabled={disabled}
        value={typed}
        onChange={(event) => setTyped(event.target.value)}
        onKeyDown={(event) => event.key === 'Enter' && shift()}
      />
      ms
    </label>
  );
}
