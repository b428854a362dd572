import { Button, Checkbox, Modal, Select } from 'antd';
import { useEffect, useMemo, useRef, useState } from 'react';
import { postJson, upload } from '../api/client';
import type { components } from '../api/generated';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import type { AskedField } from '../fields/opened';

type TableFile = components['schemas']['TableFile'];
type Compared = components['schemas']['Compared'];

/** Rows of a file that are shown before they are taken in. */
const SHOWN = 5;

const draft = () => {
  const { base, operations } = draftNow();
  const { scene, format } = useStage.getState();
  return { base, patch: { operations }, wishes: [], scene, format };
};

/** Takes a table in: what was read of it and what would become of the rows is shown first. */
export function TakeIn({ fields, keyField }: { fields: AskedField[]; keyField: string | undefined }) {
  const chooser = useRef<HTMLInputElement>(null);
  const [read, setRead] = useState<{ file: File; table: TableFile; columns: string[] } | null>(null);
  const [problem, setProblem] = useState('');
  const take = async (file: File | undefined, asked: Record<string, string> = {}) => {
    if (!file) return;
    setProblem('');
    try {
      const table = await upload<TableFile>('/api/tables', file, asked);
      const columns = await postJson<string[]>(`/api/projects/${useDocument.getState().id}/table/columns`, {
        draft: draft(),
        columns: table.columns,
      });
      setRead({ file, table, columns });
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  return (
    <>
      <input
        ref={chooser}
        type="file"
        hidden
        aria-label="File of a table"
        accept=".csv,.tsv,.txt,.json,.xlsx"
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button disabled={fields.length === 0} onClick={() => chooser.current?.click()}>
        Take in a table
      </Button>
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
      {read && (
        <Look
          key={`${read.file.name} ${read.table.headed} ${read.table.separator}`}
          read={read}
          fields={fields}
          keyField={keyField}
          again={(headed) =>
            void take(read.file, {
              headed: String(headed),
              ...(read.table.separator && { separator: read.table.separator }),
            })
          }
          close={() => setRead(null)}
        />
      )}
    </>
  );
}

function Look({
  read,
  fields,
  keyField,
  again,
  close,
}: {
  read: { file: File; table: TableFile; columns: string[] };
  fields: AskedField[];
  keyField: string | undefined;
  again: (headed: boolean) => void;
  close: () => void;
}) {
  const { file, table } = read;
  const [columns, setColumns] = useState(read.columns);
  const [key, setKey] = useState(keyField ?? read.columns.find((column) => column !== '') ?? '');
  const [removes, setRemoves] = useState(false);
  const [compared, setCompared] = useState<Compared | null>(null);
  const [problem, setProblem] = useState('');
  const any = columns.some((column) => column !== '');
  const intent = useMemo(
    () => ({
      kind: 'takeInTable' as const,
      from: file.name,
      rows: table.rows,
      fields: columns,
      key: columns.includes(key) && key ? key : undefined,
      removesGone: removes,
    }),
    [file, table, columns, key, removes],
  );
  useEffect(() => {
    if (!any) return;
    let gone = false;
    postJson<Compared>(`/api/projects/${useDocument.getState().id}/table/compare`, {
      draft: draft(),
      table: intent,
    }).then(
      (answer) => !gone && setCompared(answer),
      (error: unknown) => !gone && setProblem(reasonOf(error)),
    );
    return () => {
      gone = true;
    };
  }, [intent, any]);
  return (
    <Modal
      open
      width={860}
      title={`Take in ${file.name}`}
      okText="Take it in"
      okButtonProps={{ disabled: !any }}
      onCancel={close}
      onOk={() =>
        edit(intent).then(
          (said) => {
            useDocument.setState({ message: said });
            close();
          },
          (error: unknown) => setProblem(reasonOf(error)),
        )
      }
    >
      <p className="quiet">
        {table.rows.length} rows
        {table.encoding && `, read as ${table.encoding}`}
        {table.separator && `, cells apart by a ${table.separator}`}.{' '}
        <Checkbox checked={table.headed} onChange={(event) => again(event.target.checked)}>
          the first line names the columns
        </Checkbox>
      </p>
      <div className="takeIn">
        <table>
          <thead>
            <tr>
              {table.columns.map((column, i) => (
                <th key={column}>
                  {column}
                  <Select
                    size="small"
                    aria-label={`Field of ${column}`}
                    value={columns[i] ?? ''}
                    popupMatchSelectWidth={false}
                    options={[
                      { value: '', label: 'left out' },
                      ...fields.map((field) => ({ value: field.id, label: field.name })),
                    ]}
                    onChange={(field) =>
                      setColumns(columns.map((one, at) => (at === i ? field : one === field ? '' : one)))
                    }
                  />
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {table.rows.slice(0, SHOWN).map((row, i) => (
              <tr key={i}>
                {row.map((cell, at) => (
                  <td key={at} className={columns[at] ? '' : 'leftOut'}>
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p>
        Rows are known again by{' '}
        <Select
          size="small"
          aria-label="Rows are known again by"
          value={key}
          popupMatchSelectWidth={false}
          options={[
            { value: '', label: 'nothing: all are new' },
            ...fields
              .filter((field) => columns.includes(field.id))
              .map((field) => ({ value: field.id, label: field.name })),
          ]}
          onChange={setKey}
        />{' '}
        <Checkbox checked={removes} onChange={(event) => setRemoves(event.target.checked)}>
          rows go that the file does not have
        </Checkbox>
      </p>
      {any && compared && (
        <p role="status">
          {compared.added} added, {compared.changed} changed, {compared.same} as they were
          {compared.gone > 0 && `, ${compared.gone} not in the file${removes ? ': they go' : ': they stay'}`}
          {compared.locked > 0 && `, ${compared.locked} locked: they stay as they are`}.
        </p>
      )}
      {!any && <p className="problem">Say for at least one column which field it fills in.</p>}
      {[...table.notes, ...(compared?.notes ?? [])].map((note) => (
        <p key={note} className="note">
          {note}
        </p>
      ))}
      {problem && <p className="problem">{problem}</p>}
    </Modal>
  );
}
