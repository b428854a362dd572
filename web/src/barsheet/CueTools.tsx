import { Select } from 'antd';
import { useState } from 'react';
import type { Scene } from '../api/client';
import { movedCues } from '../document/cues';
import { noTime } from '../document/edits';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { frames } from '../document/times';
import { clockOf, timeOnto } from '../document/typed';

/** The time of the chosen cues, typed: of several the earliest is told, and the others keep their distance. */
export function CueTools({ scene }: { scene: Scene }) {
  const chosen = useStage((state) => state.cues);
  const commit = useDocument((state) => state.commit);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const cues = (scene.cues ?? []).filter((one) => chosen.includes(one.id));
  if (cues.length === 0) return null;
  const first = Math.min(...cues.map((one) => frames(one.at)));
  const take = () => {
    const to = typed === null ? first : timeOnto(typed, first, clockOf(scene));
    setWrong(to === null);
    if (to === null) {
      useDocument.setState({ message: noTime(typed ?? '') });
      return false;
    }
    setTyped(null);
    if (to !== first) commit(movedCues(scene, chosen, to - first));
    return true;
  };
  const withSound = cues.every((one) => one.sound === cues[0]?.sound) ? (cues[0]?.sound ?? '') : null;
  const moveWith = (sound: string) =>
    commit(
      cues.map((one) => {
        const at = `scenes/${scene.id}/cues/${one.id}/sound`;
        return sound ? { op: 'set', at, value: sound } : { op: 'clear', at };
      }),
    );
  return (
    <>
      <label title="Type a time: 36, 1.5s, 1+12, 2b, or +12, -1s from what it is">
        {cues.length === 1 ? 'cue at' : `${cues.length} cues from`}
        <input
          aria-label="Time of the chosen cues"
          aria-invalid={wrong}
          value={typed ?? String(first)}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => {
            setTyped(null);
            setWrong(false);
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter' ? take() : event.key === 'Escape') event.currentTarget.blur();
          }}
        />
      </label>
      {(scene.sounds ?? []).length > 0 && (
        <Select
          size="small"
          aria-label="What the chosen cues move with"
          title="When that sound is moved, they go along"
          popupMatchSelectWidth={false}
          value={withSound}
          options={[
            { value: '', label: 'moves with nothing' },
            ...(scene.sounds ?? []).map((one) => ({ value: one.id, label: `moves with ${one.name}` })),
          ]}
          onChange={moveWith}
        />
      )}
    </>
  );
}
