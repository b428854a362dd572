import { Button, Input, Select } from 'antd';
import { useRef, useState } from 'react';
import { postJson, upload, type Aligned, type ReadScript, type Scene, type Sound } from '../api/client';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import { frames } from '../document/times';

const LANGUAGES = [
  { value: 'en', label: 'English' },
  { value: 'und', label: 'another language' },
];

/** What is said in the recording: typed, taken from the page or from a file; its words are found in it. */
export function ScriptPanel({
  scene,
  sound,
  script,
  words,
  close,
}: {
  scene: Scene;
  sound: Sound;
  /** What the words read as that are there already. */
  script: string;
  /** Whether there are words to go back to. */
  words: boolean;
  close: () => void;
}) {
  const [text, setText] = useState(script);
  const [language, setLanguage] = useState('en');
  const [busy, setBusy] = useState<AbortController | null>(null);
  const [problem, setProblem] = useState('');
  const [notes, setNotes] = useState<string[]>([]);
  const file = useRef<HTMLInputElement>(null);
  const page = scene.blocks
    .flatMap((block) => (block.kind === 'text' && block.text.trim() ? [block] : []))
    .sort((a, b) => frames(a.span.start) - frames(b.span.start))
    .map((block) => block.text.replace(/\s+/g, ' ').trim())
    .join('\n');
  /** A recording that something is said in is a voice. */
  const said = async (words: Aligned['words'], approximate: boolean) => {
    await edit({ kind: 'setWords', voice: sound.sha256, words, approximate });
    if (sound.kind !== 'voice')
      useDocument
        .getState()
        .join([{ op: 'set', at: `scenes/${scene.id}/sounds/${sound.id}/kind`, value: 'voice' }]);
  };
  const find = async (script: string | null) => {
    const stop = new AbortController();
    setBusy(stop);
    setProblem('');
    setNotes([]);
    try {
      const found = await listen(sound.sha256, { script, language }, stop.signal);
      await said(found.words, found.approximate);
      // A draft is corrected, and its words are found anew.
      if (script === null) setText(found.words.map((word) => word.text).join(' '));
      const told = notesOf(found);
      if (told.length > 0) setNotes(told);
      else close();
    } catch (error) {
      if (!stop.signal.aborted) setProblem(reasonOf(error));
    }
    setBusy(null);
  };
  const take = async (chosen: File) => {
    setProblem('');
    try {
      const read = await upload<ReadScript>('/api/scripts', chosen);
      setText(read.script);
      setNotes(read.mended);
      if (read.words.length > 0) {
        await said(read.words, false);
        if (read.mended.length === 0) close();
      }
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  return (
    <section className="scriptPanel" aria-label="Script">
      <h2>What is said in “{sound.name}”</h2>
      <p className="quiet">
        Type or paste it as it is spoken. Its words are found in the recording, on this machine; numbers are
        spelled out, names that no dictionary has are said by their letters.
      </p>
      <Input.TextArea
        aria-label="Script"
        autoFocus
        rows={9}
        value={text}
        placeholder="The last boat home leaves at eleven. Bring a coat…"
        onChange={(event) => setText(event.target.value)}
        onKeyDown={(event) => event.stopPropagation()}
      />
      <div className="scriptTools">
        <Button
          type="primary"
          disabled={!text.trim()}
          loading={busy !== null}
          onClick={() => void find(text)}
          title="Listens to the recording; seconds for each minute of it"
        >
          {busy ? 'Listening…' : 'Find the words'}
        </Button>
        {busy && (
          <Button
            onClick={() => {
              busy.abort();
              setBusy(null);
            }}
          >
            Stop
          </Button>
        )}
        {!busy && !text.trim() && (
          <Button
            onClick={() => void find(null)}
            title="Without a script: writes down what it takes the words for, to be corrected. Takes a third of the recording’s time and more"
          >
            Draft them
          </Button>
        )}
        <Select aria-label="Language" options={LANGUAGES} value={language} onChange={setLanguage} />
        <Button
          disabled={!page}
          title="The words of the scene’s blocks, in time"
          onClick={() => setText(page)}
        >
          Take the page’s words
        </Button>
        <Button
          title="Plain text, SubRip, WebVTT, TextGrid, or lines of JSON"
          onClick={() => file.current?.click()}
        >
          From a file
        </Button>
        {words && <Button onClick={close}>To the words</Button>}
      </div>
      <input
        ref={file}
        hidden
        type="file"
        data-take="script"
        accept=".txt,.srt,.vtt,.csv,.textgrid,.TextGrid,.jsonl"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void take(chosen);
        }}
      />
      {problem && <p className="problem">{problem}</p>}
      {notes.length > 0 && (
        <ul className="scriptNotes" role="status">
          {notes.map((note) => (
            <li key={note}>{note}</li>
          ))}
        </ul>
      )}
    </section>
  );
}

/** Asks for the words of a recording; when that is given up, the server gives it up too. */
async function listen(sha256: string, body: unknown, signal: AbortSignal): Promise<Aligned> {
  const run = crypto.randomUUID();
  const stop = () => void fetch(`/api/sounds/listening/${run}`, { method: 'DELETE' });
  signal.addEventListener('abort', stop);
  return postJson<Aligned>(`/api/sounds/${sha256}/words?run=${run}`, body, signal).finally(() =>
    signal.removeEventListener('abort', stop),
  );
}

/** What is not certain of what was found. */
function notesOf({ words, others, derived, approximate }: Aligned): string[] {
  const unsure = words.filter((word) => word.doubt).length;
  return [
    approximate &&
      (words.every((word) => word.sure === 0)
        ? 'No recogniser is here for that, so each phrase is one mark to be typed over; apt-get install pocketsphinx pocketsphinx-en-us for English.'
        : 'The words were spread over what is said by their syllables: their times are approximate.'),
    unsure > 0 && `${unsure === 1 ? 'One word is' : `${unsure} words are`} unsure, shown in amber.`,
    derived.length > 0 && `Said by their letters, since no dictionary has them: ${derived.join(', ')}.`,
    ...others.map(
      ({ from, to }) =>
        `From ${from.toFixed(1)} to ${to.toFixed(1)} s something is said that the script does not have.`,
    ),
  ].filter((note): note is string => Boolean(note));
}
