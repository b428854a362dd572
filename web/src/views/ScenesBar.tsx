import { MoreOutlined, PlayCircleOutlined, PlusOutlined } from '@ant-design/icons';
import { App, Dropdown } from 'antd';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import type { Intent, Project, Scene } from '../api/client';
import { NameField } from '../controls/NameField';
import { edit } from '../document/edit';
import { ContactSheet } from '../exports/ContactSheet';
import { openScene } from '../document/openScene';
import { isTake } from '../document/takes';
import { useDocument } from '../document/store';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { SceneStill } from './SceneStill';
import { useMedia } from './useMedia';
import { useSceneOrder } from './useSceneOrder';

/** Where there is height for it each scene has a small picture. */
const TALL = '(min-height: 900px)';

/** The project's scenes in their order: opened, made, named, moved, cut in two and put together. */
export const ScenesBar = memo(function ScenesBar({
  project,
  scene,
  template,
}: {
  project: Project;
  scene: Scene;
  /** Opens the templates. */
  template: () => void;
}) {
  const { message } = App.useApp();
  const commit = useDocument((state) => state.commit);
  const [naming, setNaming] = useState(false);
  const [sheet, setSheet] = useState(false);
  const tall = useMedia(TALL);
  const dragged = useSceneOrder(project.scenes);
  const strip = useRef<HTMLElement>(null);
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
    template,
    remove,
  };
  // Of many scenes the one that is open stays in view, also when there is less room for them.
  useLayoutEffect(() => {
    const bar = strip.current!;
    const show = () => bar.querySelector('.on')?.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    show();
    const observer = new ResizeObserver(show);
    observer.observe(bar);
    bar.querySelectorAll('button').forEach((button) => observer.observe(button));
    return () => observer.disconnect();
  }, [scene.id]);
  return (
    <nav className={`scenes ${tall ? 'stills' : ''}`} aria-label="Scenes" ref={strip}>
      {scenes.map((one) =>
        one === scene && naming ? (
          <NameField
            key={one.id}
            label="Name of the scene"
            name={one.name}
            give={(name) => commit([{ op: 'set', at: `scenes/${one.id}/name`, value: name }])}
            close={() => setNaming(false)}
          />
        ) : (
          <button
            key={one.id}
            className={`${one.id === scene.id ? 'on' : ''} ${isTake(scenes, one) ? 'take' : ''}`}
            onClick={() => openScene(one)}
            onDoubleClick={() => setNaming(true)}
            {...dragged(one)}
          >
            {tall && <SceneStill scene={one} />}
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
            { key: 'template', label: 'use a template…' },
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
