import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { Project, Scene } from '../api/client';
import { openScene } from '../document/openScene';
import { useStage } from '../document/stage';
import { middleOf } from '../document/times';
import { OpenedProject } from './OpenedProject';
import { SaveState } from './SaveState';
import { FieldRow } from '../fields/FieldRow';
import { FillPicture } from '../fields/FillPicture';
import { useFields, type AskedField } from '../fields/opened';

/** What is open of a project, and nothing else: one column of questions, the picture beside it. */
export function FillInView() {
  return <OpenedProject>{(project, scene) => <Questions project={project} scene={scene} />}</OpenedProject>;
}

function Questions({ project, scene }: { project: Project; scene: Scene }) {
  const fields = useFields();
  const told = useStage((state) => state.page !== null);
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
        <p>
          <SaveState />
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
