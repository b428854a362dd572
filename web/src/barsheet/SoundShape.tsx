import { Popover } from 'antd';
import { useState } from 'react';
import type { Scene, Sound } from '../api/client';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';

/** By how much a sound is lowered under voices at first, dB, and how fast, seconds. */
const USUAL = { by: 12, over: 0.4 };

/** How a sound comes and goes, and how it gives way to voices. */
export function SoundShape({
  scene,
  sound,
  open,
  close,
}: {
  scene: Scene;
  sound: Sound;
  open: boolean;
  close: () => void;
}) {
  const commit = useDocument((state) => state.commit);
  const handles = useStage((state) => state.page)?.sounds.find((one) => one.id === sound.id);
  const path = `scenes/${scene.id}/sounds/${sound.id}`;
  const { under } = sound;
  const set = (name: string, value: number) => commit([{ op: 'set', at: `${path}/${name}`, value }]);
  return (
    <Popover
      open={open}
      onOpenChange={(now) => now || close()}
      trigger="click"
      placement="right"
      content={
        <div className="soundShape" role="group" aria-label={`How ${sound.name} comes and goes`}>
          <Few
            label="fades in over"
            unit="s"
            value={sound.fadeIn ?? 0}
            limits={handles?.fade}
            give={(to) => set('fadeIn', to)}
          />
          <Few
            label="fades out over"
            unit="s"
            value={sound.fadeOut ?? 0}
            limits={handles?.fade}
            give={(to) => set('fadeOut', to)}
          />
          {sound.kind === 'music' && (
            <label className="underVoices">
              <input
                type="checkbox"
                checked={under !== undefined}
                onChange={(event) =>
                  commit([
                    event.target.checked
                      ? { op: 'set', at: `${path}/under`, value: USUAL }
                      : { op: 'clear', at: `${path}/under` },
                  ])
                }
              />{' '}
              lower under voices
            </label>
          )}
          {under && (
            <>
              <Few
                label="by"
                unit="dB"
                value={under.by}
                limits={handles?.by}
                give={(to) => set('under/by', to)}
              />
              <Few
                label="within"
                unit="s"
                value={under.over}
                limits={handles?.over}
                give={(to) => set('under/over', to)}
              />
            </>
          )}
        </div>
      }
    >
      <span />
    </Popover>
  );
}

function Few({
  label,
  unit,
  value,
  limits,
  give,
}: {
  label: string;
  unit: string;
  value: number;
  /** Not told yet where the sound has just come. */
  limits: { least: number; most: number } | undefined;
  give: (value: number) => void;
}) {
  const [typed, setTyped] = useState<string | null>(null);
  const keep = () => {
    const to = typed === null ? NaN : Number(typed.replace(',', '.'));
    if (typed !== null && typed.trim() !== '' && Number.isFinite(to)) {
      const within = limits ? Math.max(limits.least, Math.min(limits.most, to)) : to;
      if (within !== value) give(within);
    }
    setTyped(null);
  };
  return (
    <label className="fewOf">
      <span>{label}</span>
      <input
        value={typed ?? String(value)}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          event.stopPropagation();
          if (event.key === 'Enter') keep();
        }}
      />
      <span>{unit}</span>
    </label>
  );
}
