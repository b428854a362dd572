import { Button } from 'antd';
import type { Scene } from '../api/client';
import { remakes } from '../document/captions';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { ReadFile } from './ReadFile';

/** Where captions come from: the words of a voice, or a file. */
export function BeginCaptions({ scene }: { scene: Scene }) {
  const voices = useStage((state) => state.captions)?.voices ?? [];
  const silent = (scene.sounds ?? []).filter(
    (sound) => sound.kind === 'voice' && !voices.some((one) => one.id === sound.id),
  );
  return (
    <div className="beginCaptions">
      <p>Captions are made of the words of a voice, by rules, or read from a file.</p>
      <div className="buttons">
        {voices.map((voice) => (
          <Button key={voice.id} type="primary" onClick={() => void makeCaptions(scene, { sound: voice.id })}>
            Make them from “{voice.name}”
          </Button>
        ))}
        {silent.map((sound) => (
          <Button key={sound.id} onClick={() => useStage.getState().set({ voice: sound.id, playing: false })}>
            Give “{sound.name}” its words
          </Button>
        ))}
        <ReadFile scene={scene} label="Read a file" large />
      </div>
      {voices.length === 0 && silent.length === 0 && (
        <p className="quiet">
          This scene has no voice yet. Add one with <b>+ sound</b> in the bar sheet, and give it a script.
        </p>
      )}
    </div>
  );
}

/** Makes captions, or makes them anew, and says what came of it. */
export async function makeCaptions(
  scene: Scene,
  more: { sound?: string; all?: boolean } = {},
): Promise<void> {
  remakes(true);
  const message = await edit({
    kind: 'makeCaptions',
    scene: scene.id,
    all: more.all ?? false,
    ...(more.sound ? { sound: more.sound } : {}),
  }).catch((error: unknown) => {
    remakes(false);
    return reasonOf(error);
  });
  useDocument.setState({ message });
}
