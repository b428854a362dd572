import { useRef, useState } from 'react';
import { RequestError, upload, type Scene, type Sound } from '../api/client';
import { soundAdded } from '../document/sounds';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** Takes sound files in; each is heard from the playhead on. */
export function AddSound({ scene }: { scene: Scene }) {
  const field = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const add = async (files: File[]) => {
    setBusy(true);
    for (const file of files) {
      try {
        const kept = await upload<Sound>('/api/sounds', file);
        const now = useDocument.getState().document?.scenes.find((one) => one.id === scene.id);
        if (now) useDocument.getState().commit(soundAdded(now, kept, useStage.getState().frame));
      } catch (error) {
        const reason = error instanceof RequestError ? error.message : String(error);
        useStage.getState().set({ problem: `“${file.name}”: ${reason}` });
      }
    }
    setBusy(false);
  };
  return (
    <>
      <button
        disabled={busy}
        title="A voice or music, heard from the playhead on"
        onClick={() => field.current?.click()}
      >
        {busy ? 'taking in…' : '+ sound'}
      </button>
      <input
        ref={field}
        type="file"
        hidden
        multiple
        aria-label="Sound files"
        accept="audio/*,video/*,.flac,.opus,.ogg,.wav,.aiff,.mka"
        onChange={(event) => {
          void add([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
    </>
  );
}
