import { useQuery } from '@tanstack/react-query';
import { Button, Input, Modal, Select, Slider } from 'antd';
import { useState } from 'react';
import { getJson, postJson, type Intent, type MadeRecording, type Scene, type Speaker } from '../api/client';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { time } from '../document/times';
import { useDocument } from '../document/store';

const MADE = 'made voice';

/** A stand-in voice for work before the real one is recorded: it says a script, and its words are known. */
export function MakeVoice({ scene, open, close }: { scene: Scene; open: boolean; close: () => void }) {
  const { data: speakers = [] } = useQuery({
    queryKey: ['speakers'],
    queryFn: () => getJson<Speaker[]>('/api/sounds/made/voices'),
    enabled: open,
    staleTime: Infinity,
  });
  const [script, setScript] = useState('');
  const [voice, setVoice] = useState('slt');
  const [speed, setSpeed] = useState(160);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const make = async () => {
    setBusy(true);
    setProblem('');
    try {
      const made = await postJson<MadeRecording>('/api/sounds/made', { script, voice, speed });
      const { frame, format } = useStage.getState();
      // The voice and its words come, and are undone, as one.
      const { ask } = useDocument.getState();
      const added: Intent = {
        kind: 'addTo',
        list: `scenes/${scene.id}/sounds`,
        format,
        stem: 'sound-',
        numbered: false,
        element: { ...made.sound, start: time(frame) },
      };
      await ask(added, MADE);
      await ask({ kind: 'setWords', voice: made.sound.sha256, words: made.words, approximate: false }, MADE);
      useDocument.setState({ message: 'The voice is there, with its words.' });
      close();
    } catch (error) {
      setProblem(reasonOf(error));
    }
    setBusy(false);
  };
  return (
    <Modal
      open={open}
      title="Make a voice"
      onCancel={close}
      footer={
        <Button type="primary" disabled={!script.trim()} loading={busy} onClick={() => void make()}>
          {busy ? 'Speaking…' : 'Speak it'}
        </Button>
      }
    >
      <p className="quiet">
        A machine says it, to work with until the real voice is recorded. The times of its words are exact.
      </p>
      <Input.TextArea
        aria-label="What is to be said"
        rows={5}
        value={script}
        placeholder="The last boat home leaves at eleven."
        onChange={(event) => setScript(event.target.value)}
        onKeyDown={(event) => event.stopPropagation()}
      />
      <div className="makeVoice">
        <Select
          aria-label="Voice"
          value={voice}
          options={speakers.map((one) => ({ value: one.voice, label: one.label }))}
          onChange={setVoice}
        />
        <span>{speed} words a minute</span>
        <Slider
          min={speakers[0]?.slowest}
          max={speakers[0]?.fastest}
          step={5}
          value={speed}
          onChange={setSpeed}
          ariaLabelForHandle="Words a minute"
          tooltip={{ open: false }}
        />
      </div>
      {problem && <p className="problem">{problem}</p>}
    </Modal>
  );
}
