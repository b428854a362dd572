import { Button } from 'antd';
import { memo, useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { getJson, type Project, type Scene, type Sound, type VoiceWord } from '../api/client';
import { edit, editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { reasonOf } from '../document/reasons';
import { frames } from '../document/times';
import { useWaveform } from '../sound/waveform';
import { makeCaptions } from '../captions/BeginCaptions';
import { Rules } from '../captions/Rules';
import { Mark } from '../Mark';
import { lineOf, linesOf } from './lines';
import { NewRecording } from './NewRecording';
import { RoomPicture } from './RoomPicture';
import { ScriptPanel } from './ScriptPanel';
import { NEW_WORD, RoomTools, splitAt } from './RoomTools';
import { Score, staveHeight } from './Score';
import type { Edge } from './Stave';
import { useRecording } from './playing';

const NONE: VoiceWord[] = [];
/** Seconds of one step of the arrow keys. */
const STEP = 0.01;

/** The recording as a score, over the whole window. */
export const VoiceRoom = memo(function VoiceRoom({ project, scene }: { project: Project; scene: Scene }) {
  const open = useStage((state) => state.voice);
  const sound = (scene.sounds ?? []).find((one) => one.id === open);
  return sound ? <Room key={sound.sha256} project={project} scene={scene} sound={sound} /> : null;
});

function Room({ project, scene, sound }: { project: Project; scene: Scene; sound: Sound }) {
  const voice = project.voices?.find((one) => one.id === sound.sha256);
  const words = voice?.words ?? NONE;
  /** Where the scene's playhead is in the recording. */
  const [at] = useState(() => {
    const passed = useStage.getState().frame - frames(sound.start);
    const begun = (sound.from ?? 0) + (passed * scene.rate.denominator) / scene.rate.numerator;
    return Math.max(0, Math.min(sound.seconds, begun));
  });
  const [chosen, setChosen] = useState(() =>
    Math.max(
      0,
      words.findLastIndex((word) => word.start <= at),
    ),
  );
  const [typing, setTyping] = useState<number | null>(null);
  const [panel, setPanel] = useState<'script' | 'recording' | null>(words.length === 0 ? 'script' : null);
  const scripting = panel !== null;
  const [edges, setEdges] = useState<number[]>([]);
  const box = useRef<HTMLDivElement>(null);
  const pairs = useWaveform(sound.sha256);
  const message = useDocument((state) => state.message);
  const { second, setSecond, going, start, stop } = useRecording(sound, at);
  const lines = useMemo(() => linesOf(words), [words]);
  const here = Math.min(chosen, Math.max(0, words.length - 1));
  const own = words[here];
  const unsure = words.filter((word) => word.doubt).length;

  useEffect(() => {
    getJson<number[]>(`/api/sounds/${sound.sha256}/edges`).then(setEdges, () => undefined);
  }, [sound.sha256]);

  const told = useStage((state) => state.captions)?.script;
  const captions = told?.lines;
  const high = staveHeight(captions !== undefined);
  const rate = scene.rate.numerator / scene.rate.denominator;
  const begins = frames(sound.start);
  const cut = sound.from ?? 0;
  const frameAt = useCallback((second: number) => begins + (second - cut) * rate, [begins, cut, rate]);
  const shownColumn = told?.shown ?? '';
  const brackets = useMemo(() => {
    const text = new Map(scene.captions?.lines.map((one) => [one.id, one.text[shownColumn] ?? '']));
    return (captions ?? [])
      .map((caption) => ({
        caption,
        start: (caption.start - begins) / rate + cut,
        end: (caption.end - begins) / rate + cut,
        words: (text.get(caption.id) ?? '').replace(/\n/g, ' '),
      }))
      .filter((one) => one.words);
  }, [captions, scene.captions, shownColumn, begins, rate, cut]);
  const reveal = useCallback(
    (word: number) => {
      const line = lineOf(lines, word);
      const element = box.current;
      if (line < 0 || !element) return;
      const top = line * high;
      if (top < element.scrollTop) element.scrollTop = top;
      else if (top + high > element.scrollTop + element.clientHeight)
        element.scrollTop = top + high - element.clientHeight;
    },
    [lines, high],
  );
  const choose = useCallback(
    (word: number) => {
      const to = Math.max(0, Math.min(words.length - 1, word));
      setChosen(to);
      reveal(to);
      requestAnimationFrame(() =>
        box.current?.querySelector<HTMLElement>(`[data-index="${to}"]`)?.focus({ preventScroll: true }),
      );
    },
    [words.length, reveal],
  );
  const close = () => useStage.getState().set({ voice: null });
  const change = useCallback(
    (word: VoiceWord, deed: string, more: { text?: string; second?: number } = {}) =>
      editOrSay({ kind: 'editWord', voice: sound.sha256, word: word.id, deed, ...more } as never),
    [sound.sha256],
  );
  const move = useCallback(
    (word: VoiceWord, edge: Edge, to: number) => change(word, edge, { second: to }),
    [change],
  );
  const go = useCallback(
    (to: number) => {
      stop();
      setSecond(to);
    },
    [stop, setSecond],
  );
  const retype = useCallback((word: VoiceWord, text: string) => change(word, 'retype', { text }), [change]);
  const line = lines[lineOf(lines, here)];
  const last = words.at(-1)?.end ?? sound.seconds;
  const play = (what: 'word' | 'line' | 'loop' | 'on') => {
    if (going) return stop();
    if (!own || !line) return;
    if (what === 'word') start(own.start, own.end);
    else if (what === 'on') start(own.start, last + 0.3);
    else start(line.from, line.to, what === 'loop');
  };
  const land = async () => {
    const stage = useStage.getState();
    const some = [stage.block, ...stage.others].filter((id): id is string => id !== null);
    const text = scene.blocks.filter((block) => block.kind === 'text').map((block) => block.id);
    const blocks = some.filter((id) => text.includes(id));
    await edit({
      kind: 'landWords',
      scene: scene.id,
      format: stage.format,
      blocks: blocks.length > 0 ? blocks : text,
    }).then(
      (said) => {
        useDocument.setState({ message: said || 'The words land as they are spoken.' });
        close();
      },
      (error: unknown) => useDocument.setState({ message: reasonOf(error) }),
    );
  };
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      const control = event.ctrlKey || event.metaKey;
      const field = event.target instanceof HTMLElement && /INPUT|TEXTAREA/.test(event.target.tagName);
      if (field) return;
      /** What lies behind the room hears no keys; a control of the room keeps its own. */
      const inside = event.target instanceof Element && event.target.closest('.voiceRoom');
      const passed = () => {
        if (!inside) event.stopImmediatePropagation();
      };
      const done = () => {
        event.preventDefault();
        event.stopImmediatePropagation();
      };
      if (control && event.key.toLowerCase() === 'z') {
        const { undo, redo } = useDocument.getState();
        (event.shiftKey ? redo : undo)();
        return done();
      }
      // What else has a control of its own keeps its keys: the panel's buttons and lists.
      const presses = event.key === 'Enter' || event.key === ' ';
      const button = inside && (event.target as Element).closest('button:not(.voiceWord)');
      if (scripting || control || (presses && button)) return passed();
      const by = event.key === 'ArrowRight' ? 1 : event.key === 'ArrowLeft' ? -1 : 0;
      if (event.key === 'Escape') close();
      else if (by && event.altKey && own) {
        const edge = event.shiftKey ? 'end' : 'start';
        move(own, edge, own[edge] + by * STEP);
      } else if (by) choose(here + by);
      else if ((event.key === 'ArrowDown' || event.key === 'ArrowUp') && line) {
        const next = lines[lineOf(lines, here) + (event.key === 'ArrowDown' ? 1 : -1)];
        if (next) choose(Math.min(next.last - 1, next.first + here - line.first));
      } else if (event.key === 'Home') choose(0);
      else if (event.key === 'End') choose(words.length - 1);
      else if (event.key === ' ') play('on');
      else if (event.key === 'w') play('word');
      else if (event.key === 'l') play('line');
      else if (event.key === 'Enter') setTyping(here);
      else if (event.key === 'c' && own) change(own, 'confirm');
      else if (event.key === 'j' && own) change(own, 'join');
      else if (event.key === 's' && own) change(own, 'split', { second: splitAt(own, second) });
      else if (event.key === 'i' && own) change(own, 'insert', { text: NEW_WORD });
      else if ((event.key === 'Delete' || event.key === 'Backspace') && own) change(own, 'remove');
      else if (event.key === 'Tab') return;
      else return passed();
      done();
    };
    window.addEventListener('keydown', keys, true);
    return () => window.removeEventListener('keydown', keys, true);
  });

  return (
    <div
      className="voiceRoom"
      role="dialog"
      aria-label="Voice room"
      onKeyDown={(event) => event.stopPropagation()}
    >
      <header className="bar">
        <Mark />
        <b>Voice room</b>
        <span className="quiet">
          {sound.name} · {sound.seconds.toFixed(1)} s
        </span>
        <span className="roomMessage" role="status">
          {message}
        </span>
        {words.length > 0 && panel === null && (
          <>
            {!scene.captions && (
              <Button onClick={() => void makeCaptions(scene, { sound: sound.id })}>Make captions</Button>
            )}
            <Button onClick={() => setPanel('script')}>Script</Button>
            <Button onClick={() => setPanel('recording')}>New recording</Button>
          </>
        )}
        <Button type="primary" disabled={words.length === 0} onClick={() => void land()}>
          Land the words
        </Button>
        <Button onClick={close}>Close</Button>
      </header>
      {!scripting && scene.captions && (
        <div className="roomRules">
          <Rules scene={scene} />
        </div>
      )}
      <div className="roomSide">
        {panel !== 'recording' && (
          <RoomPicture project={project} scene={scene} sound={sound} second={second} />
        )}
        {words.length > 0 && !scripting && (
          <p className="quiet">
            {voice?.approximate ? 'These times are approximate. ' : ''}
            {unsure === 0
              ? 'All words are sure.'
              : `${unsure === 1 ? 'One word is' : `${unsure} words are`} unsure: amber. `}
            {unsure > 0 && (
              <button
                className="linked"
                onClick={() => {
                  const next = words.findIndex((word, i) => i > here && word.doubt);
                  choose(next >= 0 ? next : words.findIndex((word) => word.doubt));
                }}
              >
                the next one
              </button>
            )}
          </p>
        )}
      </div>
      {panel === 'recording' ? (
        <NewRecording
          project={project}
          scene={scene}
          sound={sound}
          words={words}
          close={() => setPanel(null)}
        />
      ) : panel === 'script' ? (
        <ScriptPanel
          scene={scene}
          sound={sound}
          script={words.map((word) => word.text).join(' ')}
          words={words.length > 0}
          close={() => setPanel(null)}
        />
      ) : (
        <Score
          box={box}
          scene={scene}
          lines={lines}
          words={words}
          pairs={pairs}
          edges={edges}
          brackets={captions ? brackets : null}
          frameAt={frameAt}
          here={here}
          second={second}
          typing={typing !== null}
          choose={choose}
          type={setTyping}
          typed={retype}
          move={move}
          go={go}
        />
      )}
      <RoomTools
        word={scripting ? undefined : own}
        count={words.length}
        captions={captions?.length ?? 0}
        second={second}
        going={going !== null}
        voice={sound.sha256}
        play={play}
        retype={() => setTyping(here)}
        change={change}
      />
    </div>
  );
}
