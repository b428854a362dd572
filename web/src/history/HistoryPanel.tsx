import { Button, Drawer, Input } from 'antd';
import { memo, useCallback, useEffect, useRef, useState } from 'react';
import { api, type Project } from '../api/client';
import { edit } from '../document/edit';
import { useDocument } from '../document/store';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { stills } from '../painter/still';
import { openScene } from '../document/openScene';
import { documentAt, draftOf, keep, pictureOf, smallSize, type Kept } from './states';
import { middleOf } from '../document/times';

const TIME = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  hour: '2-digit',
  minute: '2-digit',
  day: 'numeric',
  month: 'short',
});

/** The kept states of the project: to look at, name, restore, and take scenes from. */
export const HistoryPanel = memo(function HistoryPanel({
  open,
  close,
  project,
}: {
  open: boolean;
  close: () => void;
  project: Project;
}) {
  const [states, setStates] = useState<Kept[]>([]);
  const [name, setName] = useState('');
  const [problem, setProblem] = useState('');
  const [looked, setLooked] = useState<Kept | null>(null);
  const saved = useDocument((state) => state.save === 'saved');

  const load = useCallback(async () => {
    const { data } = await api.GET('/api/projects/{id}/states', { params: { path: { id: project.id } } });
    if (data) setStates(data);
    else setProblem('The kept states cannot be read; the server does not answer.');
  }, [project.id]);
  useEffect(() => {
    if (open) void Promise.resolve().then(load);
  }, [open, load]);

  const doing = async (what: () => Promise<unknown>) => {
    setProblem('');
    try {
      await what();
      await load();
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  const restore = (state: Kept) =>
    doing(async () => {
      // What is here now is kept first, whatever undo remembers.
      await keep('', false);
      await edit({ kind: 'restoreState', revision: state.revision });
      const scenes = useDocument.getState().document!.scenes;
      if (!scenes.some((one) => one.id === useStage.getState().scene)) openScene(scenes[0]!);
    });
  const take = (state: Kept) =>
    doing(() =>
      edit({
        kind: 'addTake',
        scene: useStage.getState().scene,
        revision: state.revision,
        instead: state.scene,
      }),
    );

  return (
    <Drawer title="Kept states" size={420} open={open} onClose={close} className="historyPanel">
      <form
        className="keepNow"
        onSubmit={(event) => {
          event.preventDefault();
          void doing(async () => {
            await keep(name, true);
            setName('');
          });
        }}
      >
        <Input
          aria-label="Name of the state"
          placeholder="Name, if you like"
          maxLength={200}
          value={name}
          onChange={(event) => setName(event.target.value)}
        />
        <Button htmlType="submit" type="primary" disabled={!saved}>
          Keep this state
        </Button>
      </form>
      {problem && <p className="problem">{problem}</p>}
      {states.length === 0 && !problem && (
        <p className="quiet">Nothing is kept yet. While you work a state is kept every ten minutes.</p>
      )}
      <ol className="keptStates">
        {states.map((state) => (
          <li key={state.id} data-state={state.name}>
            <button
              className="keptPicture"
              aria-label="Look at this state"
              aria-expanded={looked?.id === state.id}
              onClick={() => setLooked(looked?.id === state.id ? null : state)}
            >
              {state.picture ? <img src={pictureOf(project.id, state)} alt="" /> : <span>no picture</span>}
            </button>
            <div>
              <input
                aria-label="Name of the kept state"
                placeholder={state.byHand ? 'unnamed' : 'kept by itself'}
                defaultValue={state.name}
                maxLength={200}
                onBlur={(event) => {
                  const next = event.target.value.trim();
                  if (next !== state.name)
                    void doing(() =>
                      api.PUT('/api/projects/{id}/states/{state}/name', {
                        params: { path: { id: project.id, state: state.id } },
                        body: { name: next },
                      }),
                    );
                }}
                onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
              />
              <time dateTime={state.keptAt}>{TIME.format(new Date(state.keptAt))}</time>
              <span className="keptActions">
                <button onClick={() => void restore(state)} disabled={!saved}>
                  restore
                </button>
                <button
                  title="The open scene as it was, beside the one there is"
                  onClick={() => void take(state)}
                >
                  as a take
                </button>
                <button
                  onClick={() =>
                    void doing(() =>
                      api.DELETE('/api/projects/{id}/states/{state}', {
                        params: { path: { id: project.id, state: state.id } },
                      }),
                    )
                  }
                >
                  delete
                </button>
              </span>
            </div>
            {looked?.id === state.id && <Look project={project.id} state={state} />}
          </li>
        ))}
      </ol>
    </Drawer>
  );
});

/** The state's scenes as they were, one frame each. */
function Look({ project, state }: { project: string; state: Kept }) {
  const place = useRef<HTMLDivElement>(null);
  const [problem, setProblem] = useState('');
  useEffect(() => {
    let gone = false;
    const paint = async () => {
      const then = await documentAt(project, state.revision);
      for (const scene of then.scenes) {
        if (gone) return;
        const { width, height } = smallSize(scene, 176, 99);
        const frame = scene.id === state.scene ? state.frame : middleOf(scene);
        await stills(draftOf(project, state.revision, scene), [frame], width, height, (canvas) => {
          if (gone || !place.current) return;
          const figure = document.createElement('figure');
          const caption = document.createElement('figcaption');
          caption.textContent = scene.name;
          figure.append(canvas, caption);
          place.current.append(figure);
        });
      }
    };
    paint().catch((error: unknown) => setProblem(error instanceof Error ? error.message : String(error)));
    return () => {
      gone = true;
    };
  }, [project, state]);
  return (
    <div className="keptLook">
      <div ref={place} />
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
