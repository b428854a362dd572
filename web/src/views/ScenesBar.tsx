import { MoreOutlined, PlayCircleOutlined, PlusOutlined } from '@ant-design/icons';
import { App, Dropdown } from 'antd';
import { memo, useState } from 'react';
import type { Intent, Project, Scene } from '../api/client';
import { edit } from '../document/edit';
import { ContactSheet } from '../exports/ContactSheet';
import { openScene } from '../document/openScene';
import { isTake } from '../document/takes';
import { useDocument } from '../document/store';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';

/** The project's scenes in their order: opened, made, named, moved, cut in two and put together. */
export const ScenesBar = memo(function ScenesBar({ project, scene }: { project: Project; scene: Scene }) {
  const { message } = App.useApp();
  const commit = useDocument((state) => state.commit);
  const [naming, setNaming] = useState(false);
  const [sheet, setSheet] = useState(false);
  const scenes = project.scenes;
  const index = scenes.indexOf(scene);
  const next = scenes[index + 1];
  const wish = (intent: Intent) => void edit(intent).catch((error) => message.error(reasonOf(error)));
  const split = () => {
    const { frame } = useStage.getState();
    if (frame <= 0 || frame >= scene.length)
      void message.info('Put the playhead where the second scene is to begin.');
    else wish({ kind: 'splitScene', scene: scene.id, at: frame });
  };
  const remove = () => {
    commit([{ op: 'remove', at: `scenes/${scene.id}` }]);
    openScene(scenes[index + 1] ?? scenes[index - 1]!);
  };
  const actions: Record<string, () => void> = {
    name: () => setNaming(true),
    twice: () => wish({ kind: 'duplicateScene', scene: scene.id }),
    earlier: () => commit([{ op: 'reorder', at: `scenes/${scene.id}`, index: index - 1 }]),
    later: () => commit([{ op: 'reorder', at: `scenes/${scene.id}`, index: index + 1 }]),
    split,
    join: () => wish({ kind: 'joinScenes', scene: scene.id }),
    contact: () => setSheet(true),
    take: () => wish({ kind: 'addTake', scene: scene.id }),
    use: () => wish({ kind: 'useTake', take: scene.id }),
    remove,
  };
  return (
    <nav className="scenes" aria-label="Scenes">
      {scenes.map((one) =>
        one === scene && naming ? (
          <input
            key={one.id}
            aria-label="Name of the scene"
            defaultValue={one.name}
            autoFocus
            onFocus={(event) => event.target.select()}
            onBlur={(event) => {
              const name = event.target.value.trim();
              setNaming(false);
              if (name && name !== one.name)
                commit([{ op: 'set', at: `scenes/${one.id}/name`, value: name }]);
            }}
            onKeyDown={(event) => {
              if (event.key === 'Enter') event.currentTarget.blur();
              if (event.key === 'Escape') setNaming(false);
            }}
          />
        ) : (
          <button
            key={one.id}
            className={`${one.id === scene.id ? 'on' : ''} ${isTake(scenes, one) ? 'take' : ''}`}
            ref={(button) => {
              // Of many scenes the one that is open stays in view.
              if (one.id === scene.id) button?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
            }}
            onClick={() => openScene(one)}
            onDoubleClick={() => setNaming(true)}
          >
            {one.name}
          </button>
        ),
      )}
      <Dropdown
        trigger={['click']}
        menu={{
          items: [
            { key: 'name', label: 'rename' },
            { key: 'twice', label: 'duplicate' },
            { key: 'take', label: 'another take' },
            ...(isTake(scenes, scene) ? [{ key: 'use', label: 'use this take' }] : []),
            { key: 'earlier', label: 'move left', disabled: index === 0 },
            { key: 'later', label: 'move right', disabled: !next },
            { key: 'split', label: 'split at the playhead' },
            {
              key: 'join',
              label: next ? `join with “${next.name}”` : 'join with the next',
              disabled: !next,
            },
            { key: 'contact', label: 'contact sheet' },
            { type: 'divider' },
            { key: 'remove', label: 'delete', disabled: scenes.length === 1 },
          ],
          onClick: ({ key }) => actions[key]?.(),
        }}
      >
        <button className="sceneMenu" aria-label={`More for the scene ${scene.name}`}>
          <MoreOutlined />
        </button>
      </Dropdown>
      <button
        className="sceneMenu"
        aria-label="A new scene"
        title="A new scene after this one"
        onClick={() => wish({ kind: 'addScene', after: scene.id })}
      >
        <PlusOutlined />
      </button>
      {scenes.length > 1 && (
        <button
          className="sceneMenu"
          aria-label="Play all"
          title="Play all scenes, one after the other"
          onClick={() => useStage.getState().set({ film: true, playing: false })}
        >
          <PlayCircleOutlined />
        </button>
      )}
      {sheet && <ContactSheet open close={() => setSheet(false)} project={project} scene={scene} />}
    </nav>
  );
});
