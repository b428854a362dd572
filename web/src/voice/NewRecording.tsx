import { Button } from 'antd';
import { useRef, useState } from 'react';
import {
  postJson,
  upload,
  type Aligned,
  type Intent,
  type Operation,
  type Project,
  type Scene,
  type Sound,
  type VoiceWord,
} from '../api/client';
import { edit } from '../document/edit';
import { applyPatch } from '../document/patch';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import { answerTo, wishOf } from '../document/wishes';
import { useRecording } from './playing';
import { RoomPicture } from './RoomPicture';

/** Seconds below which a word has not moved. */
const STILL = 0.005;

/** What a new recording comes to, to be looked at before it is taken. */
interface Compared {
  intent: Intent;
  recording: Sound;
  said: string;
  words: VoiceWord[];
  operations: Operation[];
  /** The sound as it would be. */
  sound: Sound;
}

/** Takes a new recording of the same words in, and shows what it would move, word by word, before it takes the old one's place. */
export function NewRecording({
  project,
  scene,
  sound,
  words,
  close,
}: {
  project: Project;
  scene: Scene;
  sound: Sound;
  words: VoiceWord[];
  close: () => void;
}) {
  const field = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState('');
  const [problem, setProblem] = useState('');
  const [compared, setCompared] = useState<Compared | null>(null);
  const take = async (file: File) => {
    setProblem('');
    setCompared(null);
    try {
      setBusy('Taking it in…');
      const recording = await upload<Sound>('/api/sounds', file);
      setBusy('Listening…');
      const script = words.map((word) => word.text).join(' ');
      const found = await postJson<Aligned>(`/api/sounds/${recording.sha256}/words`, { script });
      const intent: Intent = {
        kind: 'replaceRecording',
        scene: scene.id,
        sound: sound.id,
        recording: { name: recording.name, sha256: recording.sha256, seconds: recording.seconds },
        words: found.words,
        approximate: found.approximate,
      };
      const { base, unsaved, document } = useDocument.getState();
      const outcome = await answerTo(project.id, base, unsaved, wishOf(intent));
      const after = document && (applyPatch(document, outcome.operations).document as Project);
      const made = after?.voices?.find((one) => one.id === recording.sha256)?.words ?? [];
      const heard = after?.scenes
        .find((one) => one.id === scene.id)
        ?.sounds?.find((one) => one.id === sound.id);
      setCompared({
        intent,
        recording,
        said: outcome.said,
        words: made,
        operations: outcome.operations,
        sound: heard ?? recording,
      });
    } catch (error) {
      setProblem(reasonOf(error));
    }
    setBusy('');
  };
  const accept = async () => {
    if (!compared) return;
    try {
      const said = await edit(compared.intent);
      useDocument.setState({ message: said });
      close();
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  return (
    <section className="scriptPanel" aria-label="New recording">
      <h2>A new recording of “{sound.name}”</h2>
      <p className="quiet">
        The same words, said anew. They are found in it, and what hangs on them follows; corrections by hand
        go along where the words beside them moved alike. Nothing is changed before you take it.
      </p>
      <div className="scriptTools">
        <Button
          type={compared ? 'default' : 'primary'}
          loading={busy !== ''}
          onClick={() => field.current?.click()}
        >
          {busy || (compared ? 'Another file' : 'Choose the file')}
        </Button>
        {compared && (
          <Button type="primary" onClick={() => void accept()}>
            Take this recording
          </Button>
        )}
        <Button onClick={close}>Keep the old one</Button>
      </div>
      <input
        ref={field}
        hidden
        type="file"
        data-take="recording"
        accept="audio/*,video/*,.flac,.opus,.ogg,.wav,.aiff,.mka"
        onChange={(event) => {
          const chosen = event.target.files?.[0];
          event.target.value = '';
          if (chosen) void take(chosen);
        }}
      />
      {problem && <p className="problem">{problem}</p>}
      {compared && <Moved project={project} scene={scene} compared={compared} sound={sound} words={words} />}
    </section>
  );
}

/** What moves by how much, word by word, with both readings to hear, and the picture at each. */
function Moved({
  project,
  scene,
  compared,
  sound,
  words,
}: {
  project: Project;
  scene: Scene;
  compared: Compared;
  sound: Sound;
  words: VoiceWord[];
}) {
  const before = useRecording(sound, 0);
  const after = useRecording(compared.recording, 0);
  const old = new Map(words.map((word) => [word.id, word]));
  const there = new Set(compared.words.map((word) => word.id));
  const hear = (player: typeof before, word: VoiceWord) => {
    before.stop();
    after.stop();
    player.start(Math.max(0, word.start - 0.15), word.end + 0.25);
  };
  const row = (word: VoiceWord | undefined, next: VoiceWord | undefined) => {
    const by = word && next ? next.start - word.start : null;
    const text = (next ?? word)!.text;
    return (
      <tr key={(next ?? word)!.id} className={next?.doubt ? 'unsure' : ''}>
        <td>{text}</td>
        <td>{word && <button onClick={() => hear(before, word)}>▶ {word.start.toFixed(2)} s</button>}</td>
        <td>{next && <button onClick={() => hear(after, next)}>▶ {next.start.toFixed(2)} s</button>}</td>
        <td>
          {by === null
            ? next
              ? 'new'
              : 'not said any more'
            : Math.abs(by) < STILL
              ? '–'
              : `${by > 0 ? '+' : '−'}${Math.abs(by).toFixed(2)} s`}
          {next?.doubt ? `, ${next.doubt}` : ''}
        </td>
      </tr>
    );
  };
  return (
    <>
      <p role="status">{compared.said}.</p>
      <div className="bothPictures">
        <RoomPicture project={project} scene={scene} sound={sound} second={before.second} label="before" />
        <RoomPicture
          project={project}
          scene={scene}
          sound={compared.sound}
          second={after.second}
          also={compared.operations}
          label="now"
        />
      </div>
      <table className="moved">
        <thead>
          <tr>
            <th>word</th>
            <th>before</th>
            <th>now</th>
            <th>moves by</th>
          </tr>
        </thead>
        <tbody>
          {compared.words.map((word) => row(old.get(word.id), word))}
          {words.filter((word) => !there.has(word.id)).map((word) => row(word, undefined))}
        </tbody>
      </table>
    </>
  );
}
