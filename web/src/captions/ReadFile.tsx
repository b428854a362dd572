import { Button, Input, Modal } from 'antd';
import { useRef, useState } from 'react';
import { upload, type ReadScript, type Scene } from '../api/client';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';

/** Takes a file of captions in: as the scene's captions, or as another language of those it has. */
export function ReadFile({ scene, label, large }: { scene: Scene; label: string; large?: boolean }) {
  const field = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [read, setRead] = useState<{
    file: string;
    captions: ReadScript['captions'];
    mended: string[];
  } | null>(null);
  const [name, setName] = useState('');
  const [language, setLanguage] = useState('');
  const [problem, setProblem] = useState('');
  const there = (scene.captions?.lines.length ?? 0) > 0;
  const put = async (captions: ReadScript['captions'], mended: string[], column?: string) => {
    const tag = language.trim();
    try {
      const said = await edit({
        kind: 'readCaptions',
        scene: scene.id,
        captions,
        ...(column ? { column } : {}),
        ...(column && tag ? { language: tag } : {}),
      });
      useDocument.setState({ message: [said, ...mended].join(' ') });
      setRead(null);
    } catch (error) {
      if (read) setProblem(reasonOf(error));
      else useDocument.setState({ message: reasonOf(error) });
    }
  };
  const take = async (file: File) => {
    setBusy(true);
    setProblem('');
    try {
      const { captions, mended } = await upload<ReadScript>('/api/scripts', file);
      if (captions.length === 0)
        useDocument.setState({
          message: `“${file.name}” holds no captions with times. Give it to the voice as its script, in the voice room.`,
        });
      else if (there) {
        setName(file.name.replace(/\.[^.]*$/, ''));
        setRead({ file: file.name, captions, mended });
      } else await put(captions, mended);
    } catch (error) {
      useDocument.setState({ message: `“${file.name}”: ${reasonOf(error)}` });
    }
    setBusy(false);
  };
  return (
    <>
      <Button size={large ? 'middle' : 'small'} loading={busy} onClick={() => field.current?.click()}>
        {label}
      </Button>
      <input
        ref={field}
        type="file"
        hidden
        aria-label="Captions file"
        accept=".srt,.vtt,.csv"
        onChange={(event) => {
          const file = event.target.files?.[0];
          event.target.value = '';
          if (file) void take(file);
        }}
      />
      <Modal
        open={read !== null}
        title={read && `${read.captions.length} captions in ${read.file}`}
        onCancel={() => setRead(null)}
        footer={
          read && [
            <Button key="instead" onClick={() => void put(read.captions, read.mended)}>
              In the place of these captions
            </Button>,
            <Button
              key="beside"
              type="primary"
              disabled={!name.trim()}
              onClick={() => void put(read.captions, read.mended, name.trim())}
            >
              As another language
            </Button>,
          ]
        }
      >
        {read?.mended.map((one) => (
          <p key={one} className="quiet">
            {one}
          </p>
        ))}
        <p>As another language its words go to the captions that are on at their time.</p>
        <div className="namedField">
          <span>Called</span>
          <Input
            aria-label="What the language is called"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
        </div>
        <div className="namedField">
          <span>Language</span>
          <Input
            aria-label="Language tag"
            placeholder="such as de"
            value={language}
            onChange={(event) => setLanguage(event.target.value)}
          />
        </div>
        {problem && <p className="problem">{problem}</p>}
      </Modal>
    </>
  );
}
