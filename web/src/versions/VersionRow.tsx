import { DeleteOutlined, LockOutlined, UnlockOutlined } from '@ant-design/icons';
import { Button, Checkbox } from 'antd';
import { memo, useCallback } from 'react';
import { Link } from 'react-router';
import type { Scene } from '../api/client';
import { editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import type { AskedField } from '../fields/opened';
import { Cell } from './Cell';
import { CellStill } from './CellStill';
import { cellState, type Batch } from './MakeBar';
import type { Row, RowLook } from './problems';

/** px of a row: a small picture and some air. */
export const ROW = 88;

/** A version: its cells, what it looks like in each format, and what there is to look at. */
export const VersionRow = memo(function VersionRow({
  row,
  number,
  fields,
  project,
  scene,
  opens,
  look,
  chosen,
  choose,
  batch,
  below,
}: {
  row: Row;
  number: number;
  fields: AskedField[];
  project: string;
  scene: Scene;
  /** Told apart by what they are: a picture is drawn anew when they change. */
  opens: unknown;
  look: RowLook;
  chosen: boolean;
  choose: (row: string, on: boolean) => void;
  /** How those stand that were ordered last. */
  batch: Batch | null;
  /** Ids of the rows from one on, as they are seen. */
  below: (row: string) => string[];
}) {
  const { problems, length = scene.length } = look;
  const commit = useDocument((store) => store.commit);
  const from = useCallback(() => below(row.id), [below, row.id]);
  const of = (field: string) => problems.filter((one) => one.field === field).map((one) => one.message);
  return (
    <div className={`versionRow ${row.locked ? 'locked' : ''}`} data-version={row.id} style={{ height: ROW }}>
      <Checkbox
        aria-label={`Choose row ${number}`}
        checked={chosen}
        onChange={(event) => choose(row.id, event.target.checked)}
      >
        {number}
      </Checkbox>
      {fields.map((field) => (
        <Cell key={field.id} row={row} field={field} problem={of(field.id).join(' ')} below={from} />
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
        <span key={format.id} className="dark" title={cellState(batch, row.id, format.name) || undefined}>
          <span
            className={
              problems.some((one) => one.format === format.id || one.format === '')
                ? 'picture wrong'
                : 'picture'
            }
          >
            <Link
              to={`/projects/${project}?scene=${scene.id}&row=${row.id}&format=${format.id}`}
              aria-label={`Open version ${number} in ${format.name}`}
              title="Open it in the workbench"
            >
              <CellStill scene={scene} format={format} row={row} length={length} fields={opens} />
            </Link>
            <Corrected row={row} scene={scene} format={format.id} />
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
});

/** Marks a picture in which something was corrected: in all of the version, or in this format. */
function Corrected({ row, scene, format }: { row: Row; scene: Scene; format: string }) {
  const own = (row.own ?? []).filter(
    (one) => one.scene === scene.id && (one.format === undefined || one.format === format),
  );
  const count = own.reduce((sum, one) => sum + (one.values?.length ?? 0), 0);
  return count === 0 ? null : (
    <i className="correctedMark" title={`${count} corrected here`}>
      {count}
    </i>
  );
}
