import { Dropdown } from 'antd';
import { useRef, useState } from 'react';
import { upload, type Scene, type Sound } from '../api/client';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { SOUND_KINDS } from '../document/soundFile';
import { useStage } from '../document/stage';
import { time } from '../document/times';
import { MakeVoice } from './MakeVoice';

/** Takes sound files in; each is heard from the playhead on. */
export function AddSound({ scene }: { scene: Scene }) {
  const field = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [making, setMaking] = useState(false);
  const add = async (files: File[]) => {
    setBusy(true);
    for (const file of files) {
      try {
        const kept = await upload<Sound>('/api/sounds', file);
        const { frame, format } = useStage.getState();
        const element = { ...kept, start: time(frame) };
        await edit({
          kind: 'addTo',
          list: `scenes/${scene.id}/sounds`,
          format,
          stem: 'sound-',
          numbered: false,
          element,
        });
      } catch (error) {
        useStage.getState().set({ problem: `“${file.name}”: ${reasonOf(error)}` });
      }
    }
    setBusy(false);
  };
  return (
    <>
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'file', label: 'a voice or music, from a file' },
            { key: 'made', label: 'a made voice, of a script' },
          ],
          onClick: ({ key }) => (key === 'file' ? field.current?.click() : setMaking(true)),
        }}
      >
        <button disabled={busy} title="A voice or music, heard from the playhead on">
          {busy ? 'taking in…' : '+ sound'}
        </button>
      </Dropdown>
      <MakeVoice scene={scene} open={making} close={() => setMaking(false)} />
      <input
        ref={field}
        type="file"
        hidden
        multiple
        aria-label="Sound files"
        accept={SOUND_KINDS}
        onChange={(event) => {
          void add([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </>
  );
}
