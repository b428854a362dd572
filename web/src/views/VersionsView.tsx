import { DeleteOutlined, LockOutlined, UnlockOutlined } from '@ant-design/icons';
import { Button, Checkbox, Input, Select, Spin } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { Project, Scene } from '../api/client';
import { NameField } from '../controls/NameField';
import { editOrSay } from '../document/edit';
import { openScene } from '../document/openScene';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { useWatch } from '../document/useWatch';
import { useFields, type AskedField } from '../fields/opened';
import { useMeasure } from '../fields/useMeasure';
import { Mark } from '../Mark';
import { giveOwnFaces } from '../page/ownFaces';
import { Cell, said } from '../versions/Cell';
import { CellStill, cellSize } from '../versions/CellStill';
import { cellState, MakeBar, useBatch } from '../versions/MakeBar';
import { useProblems, type CellProblem, type Row } from '../versions/problems';
import { TakeIn } from '../versions/TakeIn';
import { goTo } from './place';
import { usePageView } from './usePageView';

/** px of a row: a small picture and some air. */
const ROW = 88;
/** Rows that are drawn beyond what is in sight. */
const MORE = 3;
const NO_ROWS: Row[] = [];

/** The table of a project's versions, and what each looks like in each format. */
export function VersionsView() {
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
  return <Versions project={document} scene={scene} />;
}

function Versions({ project, scene }: { project: Project; scene: Scene }) {
  const fields = useFields();
  const rows = (project.table?.rows as Row[] | undefined) ?? NO_ROWS;
  const message = useDocument((state) => state.message);
  const save = useDocument((state) => state.save);
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
  const problems = useProblems(project, scene.id, rows, ordered.slice(first, last));
  const wrong = rows.filter((row) => (problems.get(row)?.length ?? 0) > 0);
  const shown = wrongOnly ? ordered.filter((row) => (problems.get(row)?.length ?? 0) > 0) : ordered;
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
        <span className={`saveState ${save}`} role="status">
          {message || (save === 'saved' ? 'Saved' : save === 'saving' ? 'Saving…' : 'Not saved yet')}
        </span>
        <Button disabled={!undoable} onClick={undo}>
          Undo
        </Button>
        <Button disabled={!redoable} onClick={redo}>
          Redo
        </Button>
        <TakeIn fields={fields} keyField={project.table?.key} />
        <Link className="ant-btn ant-btn-default" to={`/projects/${project.id}/fill`}>
          Fill-in view
        </Link>
      </header>
      <div className="versionRoom" ref={room} onScroll={(event) => setTop(event.currentTarget.scrollTop)}>
        <section className="tableHead">
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
              scene={scene}
              opens={project.fields}
              problems={problems.get(row) ?? NONE}
              chosen={chosen.includes(row.id)}
              choose={(on) => setChosen(on ? [...chosen, row.id] : chosen.filter((one) => one !== row.id))}
              state={(format) => cellState(batch, row.id, format)}
              below={() => shown.slice(shown.indexOf(row)).map((one) => one.id)}
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

const NONE: CellProblem[] = [];

const nameOf = (fields: AskedField[], id: string) => fields.find((field) => field.id === id)?.name ?? id;

const nextSort = (now: { field: string; down: boolean } | null, field: string) =>
  now?.field !== field ? { field, down: true } : now.down ? { field, down: false } : null;

/** px of a cell: what stands around its words, a letter of them, and what no column is narrower and wider than. */
const AROUND_CELL = 34;
const LETTER = 8.2;
const NARROWEST = 72;
const WIDEST = 216;
/** px of a colour: a swatch and its digits. */
const COLOUR = 152;

/** As wide as what stands in it. */
function columnWidth(field: AskedField, rows: Row[]): number {
  if (field.kind === 'colour') return COLOUR;
  const cells = rows.map(
    (row) => said((row.values as Record<string, unknown> | undefined)?.[field.id]).length,
  );
  const letters = Math.max(field.name.length, said(field.value).length, ...cells.slice(0, 200));
  return Math.max(NARROWEST, Math.min(WIDEST, AROUND_CELL + LETTER * letters));
}

/** The columns of words, and those of pictures. */
function columnsOf(fields: AskedField[], scene: Scene, rows: Row[]) {
  const words = fields.map((field) => `${columnWidth(field, rows)}px`);
  const pictures = scene.formats.map((format) => `${cellSize(format).width + 24}px`);
  return { '--columns': `56px ${words.join(' ')} 64px ${pictures.join(' ')} minmax(180px, 1fr)` } as object;
}

const COLLATOR = new Intl.Collator(undefined, { numeric: true, sensitivity: 'base' });

function arranged(rows: Row[], sorted: { field: string; down: boolean } | null, sought: string): Row[] {
  const cell = (row: Row, field: string) =>
    said((row.values as Record<string, unknown> | undefined)?.[field]);
  const words = sought.trim().toLowerCase();
  const found = words
    ? rows.filter((row) =>
        Object.values(row.values ?? {}).some((value) => said(value).toLowerCase().includes(words)),
      )
    : rows;
  return sorted
    ? [...found].sort(
        (one, other) =>
          (sorted.down ? 1 : -1) * COLLATOR.compare(cell(one, sorted.field), cell(other, sorted.field)),
      )
    : found;
}

function VersionRow({
  row,
  number,
  fields,
  scene,
  opens,
  problems,
  chosen,
  choose,
  state,
  below,
}: {
  row: Row;
  number: number;
  fields: AskedField[];
  scene: Scene;
  /** Told apart by what they are: a picture is drawn anew when they change. */
  opens: unknown;
  problems: CellProblem[];
  chosen: boolean;
  choose: (on: boolean) => void;
  state: (format: string) => string;
  /** Ids of the rows from this one on, as they are seen. */
  below: () => string[];
}) {
  const commit = useDocument((store) => store.commit);
  const of = (field: string) => problems.filter((one) => one.field === field).map((one) => one.message);
  return (
    <div className={`versionRow ${row.locked ? 'locked' : ''}`} data-version={row.id} style={{ height: ROW }}>
      <Checkbox
        aria-label={`Choose row ${number}`}
        checked={chosen}
        onChange={(event) => choose(event.target.checked)}
      >
        {number}
      </Checkbox>
      {fields.map((field) => (
        <Cell key={field.id} row={row} field={field} problem={of(field.id).join(' ')} below={below} />
      ))}
      <span className="rowTools">
        <Button
          size="small"
          type="text"
          aria-label={row.locked ? 'Unlock this row' : 'Lock this row'}
          title="A locked row stays as it is when a table is taken in"
          icon={row.locked ? <LockOutlined /> : <UnlockOutlined />}
          onClick={() => commit([{ op: 'set', at: `table/rows/${row.id}/locked`, value: !row.locked }])}
        />
        <Button
          size="small"
          type="text"
          aria-label="Take this row away"
          icon={<DeleteOutlined />}
          onClick={() => editOrSay({ kind: 'removeRows', rows: [row.id] })}
        />
      </span>
      {scene.formats.map((format) => (
        <span key={format.id} className="dark" title={state(format.name) || undefined}>
          <span
            className={
              problems.some((one) => one.format === format.id || one.format === '')
                ? 'picture wrong'
                : 'picture'
            }
          >
            <CellStill scene={scene} format={format} row={row} fields={opens} />
          </span>
        </span>
      ))}
      <ul className="dark rowProblems">
        {problems.slice(0, 3).map((one) => (
          <li key={one.format + one.message} title={one.message}>
            {one.format && `${scene.formats.find((format) => format.id === one.format)?.name}: `}
            {one.message}
          </li>
        ))}
      </ul>
    </div>
  );
}

/** The names of files, typed in place; fields stand between ‹ and ›. */
function Pattern({ project, fields }: { project: Project; fields: AskedField[] }) {
  const [typing, setTyping] = useState(false);
  const commit = useDocument((state) => state.commit);
  const usual = `‹project›-‹${fields[0]?.name ?? 'number'}›-‹format›`;
  const now = project.table?.pattern ?? usual;
  if (!project.table) return <span>{usual}</span>;
  return typing ? (
    <NameField
      label="Names of files"
      name={now}
      longest={300}
      give={(pattern) => commit([{ op: 'set', at: 'table/pattern', value: pattern }])}
      close={() => setTyping(false)}
    />
  ) : (
    <button
      className="part"
      title={`‹format›, ‹number›, ‹project› and ${fields.map((field) => `‹${field.name}›`).join(', ')} can stand in it`}
      onClick={() => setTyping(true)}
    >
      {now}
    </button>
  );
}

/** Cells that were copied in a spreadsheet become new rows. */
function PasteNew({ fields }: { fields: AskedField[] }) {
  const field = useRef<HTMLInputElement>(null);
  return (
    <input
      ref={field}
      className="pasteNew"
      aria-label="Paste rows here"
      placeholder="or paste rows from a spreadsheet here"
      value=""
      onChange={() => undefined}
      onPaste={(event) => {
        event.preventDefault();
        const text = event.clipboardData.getData('text/plain');
        if (text.trim()) editOrSay({ kind: 'pasteCells', rows: [], field: fields[0]!.id, text });
      }}
    />
  );
}
