import { MoreOutlined } from '@ant-design/icons';
import { Dropdown } from 'antd';
import { useState } from 'react';
import { getJson, type BarFit, type FoundBeats, type PageView, type Scene, type Sound } from '../api/client';
import { edit } from '../document/edit';
import { openScene } from '../document/openScene';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { SOUND_HEIGHT } from './SoundLane';
import { SoundShape } from './SoundShape';

/** A sound's name, and how it is heard. */
export function SoundName({ scene, sound }: { scene: Scene; sound: Sound }) {
  const commit = useDocument((state) => state.commit);
  const [typed, setTyped] = useState<string | null>(null);
  const path = `scenes/${scene.id}/sounds/${sound.id}`;
  const level = sound.level ?? 0;
  const toggle = (name: 'muted' | 'alone', label: string, title: string) => (
    <button
      className={sound[name] ? 'on' : ''}
      aria-pressed={sound[name] ?? false}
      aria-label={`${label}: ${sound.name}`}
      title={title}
      onClick={() => commit([{ op: 'set', at: `${path}/${name}`, value: !sound[name] }])}
    >
      {label}
    </button>
  );
  const step = (by: number) => {
    const to = Math.max(-60, Math.min(12, level + by));
    commit([{ op: 'set', at: `${path}/level`, value: to }], `level ${sound.id}`);
  };
  const done = () => {
    const value = typed === null ? NaN : Number(typed.replace(',', '.').replace(/\s*dB$/i, ''));
    if (typed !== null && typed.trim() !== '' && Number.isFinite(value))
      commit([{ op: 'set', at: `${path}/level`, value: Math.max(-60, Math.min(12, value)) }]);
    else if (typed !== null) useDocument.setState({ message: `“${typed}” is no level; type decibels: -6` });
    setTyped(null);
  };
  const [shaping, setShaping] = useState(false);
  const [listening, setListening] = useState(false);
  const listen = async (hear: () => Promise<string>) => {
    setListening(true);
    const message = await hear().catch((error: unknown) => `“${sound.name}”: ${reasonOf(error)}`);
    useDocument.setState({ message });
    setListening(false);
  };
  const heard = { scene: scene.id, sound: sound.id };
  const count = async () => {
    const found = await getJson<FoundBeats>(`/api/sounds/${sound.sha256}/beats`);
    const { perMinute, first, perBar } = found;
    await edit({ kind: 'countSound', ...heard, perMinute, first, perBar });
    return told(found);
  };
  const fit = async () => {
    const told = useStage.getState().page?.sounds.find((one) => one.id === sound.id);
    if (!told) return '';
    const { from, to, room } = told.heard;
    const query = new URLSearchParams({ from: `${from}`, to: `${to}`, room: `${room}` });
    const cutAt = await getJson<BarFit>(`/api/sounds/${sound.sha256}/fit?${query}`);
    return edit({ kind: 'fitSound', ...heard, ...cutAt });
  };
  const cue = async () => {
    const seconds = await getJson<number[]>(
      `/api/sounds/${sound.sha256}/beginnings/${sound.kind.toUpperCase()}`,
    );
    return edit({ kind: 'cueSound', ...heard, seconds, called: sound.kind === 'voice' ? 'Phrase' : 'Hit' });
  };
  return (
    <div className="soundName" data-sound={sound.id} style={{ height: SOUND_HEIGHT }}>
      <span className="soundTitle">
        <button
          title="What it is to the scene: voice or music"
          onClick={() =>
            commit([{ op: 'set', at: `${path}/kind`, value: sound.kind === 'voice' ? 'music' : 'voice' }])
          }
        >
          {sound.kind}
        </button>
        <span className="soundFile" title={sound.name}>
          {sound.name}
        </span>
        {sound.onward && <span title="Runs on under the scenes that follow">→</span>}
        <SoundShape scene={scene} sound={sound} open={shaping} close={() => setShaping(false)} />
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              { key: 'voice', label: 'its words: the voice room' },
              { key: 'field', label: 'open it as a field' },
              { key: 'fades', label: sound.kind === 'music' ? 'fades, and lower under voices' : 'fades' },
              { key: 'beats', label: 'count the scene by its beats', disabled: sound.kind === 'voice' },
              {
                key: 'fit',
                label: 'end with the picture, at a bar',
                disabled: sound.kind === 'voice',
              },
              {
                key: 'onward',
                label: sound.onward ? 'end with this scene' : 'run on under the scenes that follow',
              },
              {
                key: 'cues',
                label:
                  sound.kind === 'voice'
                    ? 'a cue where each phrase begins'
                    : 'a cue at each strong beginning',
              },
            ],
            onClick: ({ key }) => {
              if (key === 'voice') useStage.getState().set({ voice: sound.id, playing: false });
              else if (key === 'fades') setShaping(true);
              else if (key === 'field')
                void edit({ kind: 'openSound', scene: scene.id, sound: sound.id }).then(
                  (said) => useDocument.setState({ message: said }),
                  (error: unknown) => useDocument.setState({ message: reasonOf(error) }),
                );
              else if (key === 'onward')
                commit([
                  sound.onward
                    ? { op: 'clear', at: `${path}/onward` }
                    : { op: 'set', at: `${path}/onward`, value: true },
                ]);
              else void listen(key === 'beats' ? count : key === 'fit' ? fit : cue);
            },
          }}
        >
          <button aria-label={`More for ${sound.name}`} title="What is heard in it" disabled={listening}>
            {listening ? '…' : <MoreOutlined />}
          </button>
        </Dropdown>
      </span>
      <span className="soundTools">
        {toggle('muted', 'mute', 'Not heard')}
        {toggle('alone', 'alone', 'Only this one is heard, and others that are alone')}
        <input
          aria-label={`Level of ${sound.name}, dB`}
          title="How loud it is, -60 to 12 dB; arrow keys step it"
          value={typed ?? `${level > 0 ? '+' : ''}${level} dB`}
          onFocus={(event) => event.target.select()}
          onChange={(event) => setTyped(event.target.value)}
          onBlur={() => setTyped(null)}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Enter') done();
            else if (event.key === 'Escape') event.currentTarget.blur();
            else if (event.key === 'ArrowUp') step(event.shiftKey ? 6 : 1);
            else if (event.key === 'ArrowDown') step(event.shiftKey ? -6 : -1);
          }}
        />
        <button
          aria-label={`Take ${sound.name} away`}
          title="Take it away"
          onClick={() => commit([{ op: 'remove', at: path }])}
        >
          ×
        </button>
      </span>
    </div>
  );
}

/** A sound that has run on from an earlier scene, where it is changed. */
export function RunningName({ running }: { running: PageView['running'][number] }) {
  return (
    <div className="soundName running" data-sound={running.sound.id} style={{ height: SOUND_HEIGHT }}>
      <span className="soundTitle">
        {running.sound.kind}
        <span className="soundFile" title={running.sound.name}>
          {running.sound.name}
        </span>
      </span>
      <span className="soundTools">
        <button
          title={`It runs on from “${running.name}”, where it is moved and changed`}
          onClick={() => {
            const own = useDocument.getState().document?.scenes.find((scene) => scene.id === running.scene);
            if (own) openScene(own);
          }}
        >
          from {running.name}
        </button>
      </span>
    </div>
  );
}

/** What is not certain of found beats; nothing where all is. */
function told({ steady, also }: FoundBeats): string {
  const other = also.map((one) => Math.round(one)).join(' or ');
  const doubts = [
    steady ? '' : 'Its tempo changes; the scene counts by the mean.',
    other && `It could also be counted at ${other}: see the tempo’s drawer.`,
  ];
  return doubts.filter(Boolean).join(' ');
}
