import { Spin } from 'antd';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Project, Scene } from '../api/client';
import { openScene } from '../document/openScene';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { middleOf } from '../document/times';
import { useWatch } from '../document/useWatch';
import { giveOwnFaces } from '../page/ownFaces';
import { goTo } from './place';
import { usePageView } from './usePageView';
import { FieldRow } from '../fields/FieldRow';
import { FillPicture } from '../fields/FillPicture';
import { useFields, type AskedField } from '../fields/opened';

const SAVED = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet – kept here, trying again',
  refused: 'Not saved',
};

/** What is open of a project, and nothing else: one column of questions, the picture beside it. */
export function FillInView() {
  const { id = '' } = useParams();
  const document = useDocument((state) => state.document);
  const sceneId = useStage((state) => state.scene);
  const [failed, setFailed] = useState('');
  useEffect(() => void giveOwnFaces().catch(() => undefined), []);
  useEffect(() => {
    useDocument
      .getState()
      .load(id)
      .then(
        () => {
          const project = useDocument.getState().document;
          if (project) goTo(project, null, null, true);
        },
        (error: Error) => setFailed(error.message),
      );
  }, [id]);
  usePageView();
  useWatch(document ? id : '');
  const scene = document?.scenes.find((one) => one.id === sceneId);
  if (failed)
    return (
      <div className="empty">
        <p>{failed}</p>
        <Link to="/">Back to the projects</Link>
      </div>
    );
  if (!document || !scene) return <Spin className="empty" />;
  return <Questions project={document} scene={scene} />;
}

function Questions({ project, scene }: { project: Project; scene: Scene }) {
  const fields = useFields();
  const told = useStage((state) => state.page !== null);
  const save = useDocument((state) => state.save);
  const [wanted, setWanted] = useState<{ frame: number; turn: number }>({ frame: middleOf(scene), turn: 0 });
  const groups = useMemo(() => grouped(fields), [fields]);
  /** The picture goes to where what is asked for is seen. */
  const attend = (field: AskedField) => {
    const other = project.scenes.find((one) => one.id === field.scene);
    if (other && other.id !== scene.id) openScene(other);
    const view = useStage.getState().page?.blocks.find((one) => one.id === field.block);
    const seen = other ?? scene;
    const frame = view ? Math.floor((view.arriveEnd + view.leaveStart) / 2) : middleOf(seen);
    setWanted((now) => ({ frame: Math.min(seen.length - 1, Math.max(0, frame)), turn: now.turn + 1 }));
  };
  return (
    <main className="fillIn">
      <section className="questions" aria-label="What is to be filled in">
        <h1>{project.name}</h1>
        {told && fields.length === 0 && (
          <p className="quiet">
            Nothing of this project is open. <Link to={`/projects/${project.id}`}>In the workbench</Link>{' '}
            words, numbers, colours, pictures and choices can be opened as fields.
          </p>
        )}
        {groups.map(([group, all]) => (
          <section key={group} aria-label={group || undefined}>
            {group && <h2>{group}</h2>}
            {all.map((field) => (
              <FieldRow key={field.id} field={field} attend={() => attend(field)} />
            ))}
          </section>
        ))}
        <p className={`saveState ${save}`} role="status">
          {SAVED[save]}
        </p>
      </section>
      <FillPicture project={project} scene={scene} wanted={wanted} />
    </main>
  );
}

/** In the order of the fields; a group stands where its first one does. */
function grouped(fields: AskedField[]): [string, AskedField[]][] {
  const groups = new Map<string, AskedField[]>();
  fields.forEach((field) => groups.set(field.group, [...(groups.get(field.group) ?? []), field]));
  return [...groups];
}
