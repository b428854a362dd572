import { Button, Checkbox, Input, Select } from 'antd';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import type { Project, Scene } from '../api/client';
import { editOrSay } from '../document/edit';
import { openScene } from '../document/openScene';
import { useDocument } from '../document/store';
import { useFields, type AskedField } from '../fields/opened';
import { useMeasure } from '../fields/useMeasure';
import { Mark } from '../Mark';
import { arranged, columnsOf, nextSort } from '../versions/columns';
import { MakeBar, useBatch } from '../versions/MakeBar';
import { useProblems, type Row, type RowLook } from '../versions/problems';
import { PasteNew } from '../versions/PasteNew';
import { Pattern } from '../versions/Pattern';
import { TakeIn } from '../versions/TakeIn';
import { ROW, VersionRow } from '../versions/VersionRow';
import { OpenedProject } from './OpenedProject';
import { SaveState } from './SaveState';

/** Rows that are drawn beyond what is in sight. */
const MORE = 3;
const NO_ROWS: Row[] = [];

/** The table of a project's versions, and what each looks like in each format. */
export function VersionsView() {
  return <OpenedProject>{(project, scene) => <Versions project={project} scene={scene} />}</OpenedProject>;
}

function Versions({ project, scene }: { project: Project; scene: Scene }) {
  const fields = useFields();
  const rows = (project.table?.rows as Row[] | undefined) ?? NO_ROWS;
  const undoable = useDocument((state) => state.undoSteps.length > 0);
  const redoable = useDocument((state) => state.redoSteps.length > 0);
  const { undo, redo } = useDocument.getState();
  const [chosen, setChosen] = useState<string[]>([]);
  const [sorted, setSorted] = useState<{ field: string; down: boolean } | null>(null);
  const [sought, setSought] = useState('');
  const [wrongOnly, setWrongOnly] = useState(false);
  const [room, size] = useMeasure<HTMLDivElement>();
  const [top, setTop] = useState(0);
  const batch = useBatch(project.id);

  const ordered = useMemo(() => arranged(rows, sorted, sought), [rows, sorted, sought]);
  const first = Math.max(0, Math.floor(top / ROW) - MORE);
  const last = Math.ceil((top + size.height) / ROW) + MORE;
  const looks = useProblems(project, scene.id, rows, ordered.slice(first, last));
  const wrong = rows.filter((row) => (looks.get(row)?.problems.length ?? 0) > 0);
  const shown = wrongOnly ? ordered.filter((row) => (looks.get(row)?.problems.length ?? 0) > 0) : ordered;
  const seen = useRef(shown);
  useEffect(() => {
    seen.current = shown;
  });
  const choose = useCallback(
    (id: string, on: boolean) => setChosen((now) => (on ? [...now, id] : now.filter((one) => one !== id))),
    [],
  );
  const below = useCallback((id: string) => {
    const ids = seen.current.map((one) => one.id);
    return ids.slice(ids.indexOf(id));
  }, []);
  useEffect(() => {
    const keys = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      if ((event.target as Element).closest('input, textarea')) return;
      event.preventDefault();
      (event.shiftKey ? redo : undo)();
    };
    window.addEventListener('keydown', keys);
    return () => window.removeEventListener('keydown', keys);
  }, [undo, redo]);
  const from = project.table?.from;
  return (
    <main className="versions">
      <header className="bar">
        <Link to={`/projects/${project.id}`} aria-label="Back to the workbench">
          <Mark />
        </Link>
        <b>{project.name}</b>
        <span className="quiet">
          {rows.length} {rows.length === 1 ? 'version' : 'versions'} in {scene.formats.length}{' '}
          {scene.formats.length === 1 ? 'format' : 'formats'}
        </span>
        {project.scenes.length > 1 && (
          <Select
            aria-label="Scene"
            value={scene.id}
            options={project.scenes.map((one) => ({ value: one.id, label: one.name }))}
            popupMatchSelectWidth={false}
            onChange={(id) => {
              const other = project.scenes.find((one) => one.id === id);
              if (other) openScene(other);
            }}
          />
        )}
        <span className="spring" />
        <SaveState />
        <Button disabled={!undoable} onClick={undo}>
          Undo
        </Button>
        <Button disabled={!redoable} onClick={redo}>
          Redo
        </Button>
        <TakeIn fields={fields} keyField={project.table?.key} />
        {rows.length > 0 && (
          <a
            className="ant-btn ant-btn-default"
            href={`/api/projects/${project.id}/table.csv`}
            download
            title="As comma-separated values, to be changed elsewhere and taken in again"
          >
            Save the table
          </a>
        )}
        <Link className="ant-btn ant-btn-default" to={`/projects/${project.id}/fill`}>
          Fill-in view
        </Link>
      </header>
      <div className="versionRoom" ref={room} onScroll={(event) => setTop(event.currentTarget.scrollTop)}>
        <section className="tableHead" data-looked={rows.filter((row) => looks.has(row)).length}>
          {fields.length === 0 ? (
            <p>
              Nothing of this project is open yet. In the workbench open words, numbers, colours, pictures or
              choices as fields; here each row fills them in.
            </p>
          ) : (
            <p>
              {from ? (
                <>
                  Rows from <b>{from}</b>
                  {project.table?.key && <>, kept by {nameOf(fields, project.table.key)}</>}.{' '}
                </>
              ) : null}
              Files are called <Pattern project={project} fields={fields} />.{' '}
              {wrong.length > 0 && (
                <button
                  className="wrongCount"
                  aria-pressed={wrongOnly}
                  onClick={() => setWrongOnly(!wrongOnly)}
                >
                  {wrong.length} {wrong.length === 1 ? 'row has' : 'rows have'} something to look at
                </button>
              )}
            </p>
          )}
          <Input
            size="small"
            allowClear
            aria-label="Find in the table"
            placeholder="find"
            value={sought}
            onChange={(event) => setSought(event.target.value)}
          />
        </section>
        <div className="versionTable" style={columnsOf(fields, scene, rows)}>
          <div className="headRow">
            <Checkbox
              aria-label="Choose all"
              checked={rows.length > 0 && chosen.length === rows.length}
              indeterminate={chosen.length > 0 && chosen.length < rows.length}
              onChange={(event) => setChosen(event.target.checked ? rows.map((row) => row.id) : [])}
            />
            {fields.map((field) => (
              <button
                key={field.id}
                title={field.hint || undefined}
                aria-label={`Sort by ${field.name}`}
                onClick={() => setSorted(nextSort(sorted, field.id))}
              >
                {field.name}
                {sorted?.field === field.id && (sorted.down ? ' ↓' : ' ↑')}
              </button>
            ))}
            <span />
            {scene.formats.map((format) => (
              <span key={format.id} className="dark">
                {format.name}
              </span>
            ))}
            <span className="dark" />
          </div>
          <div style={{ height: first * ROW }} />
          {shown.slice(first, last).map((row) => (
            <VersionRow
              key={row.id}
              row={row}
              number={rows.indexOf(row) + 1}
              fields={fields}
              project={project.id}
              scene={scene}
              opens={project.fields}
              look={looks.get(row) ?? NONE}
              chosen={chosen.includes(row.id)}
              choose={choose}
              batch={batch}
              below={below}
            />
          ))}
          <div style={{ height: Math.max(0, shown.length - last) * ROW }} />
        </div>
        {fields.length > 0 && (
          <p className="addRow">
            <Button type="link" onClick={() => editOrSay({ kind: 'addRows', count: 1 })}>
              + version
            </Button>
            <PasteNew fields={fields} />
          </p>
        )}
      </div>
      <MakeBar
        project={project.id}
        scene={scene}
        formats={scene.formats}
        chosen={chosen.filter((id) => rows.some((row) => row.id === id))}
        count={rows.length}
      />
    </main>
  );
}

const NONE: RowLook = { problems: [] };

const nameOf = (fields: AskedField[], id: string) => fields.find((field) => field.id === id)?.name ?? id;
