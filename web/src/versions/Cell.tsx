import { Button, Select, Switch } from 'antd';
import { useRef, useState } from 'react';
import { ColourField } from '../controls/ColourField';
import { editOrSay } from '../document/edit';
import { keepPicture, PICTURE_KINDS } from '../document/pictureFile';
import { keepSound, SOUND_KINDS } from '../document/soundFile';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import type { AskedField } from '../fields/opened';
import type { Row } from './problems';

/** What a cell says, as it is typed. */
export function said(value: unknown): string {
  if (value === undefined || value === null) return '';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'object') return 'name' in value ? String(value.name) : '';
  return String(value);
}

/** To the cell of the same column in the row that is so far below; where there is none, out of this one. Either way it is taken. */
function go(from: HTMLElement, by: number) {
  const column = from.closest<HTMLElement>('[data-column]')?.dataset.column;
  let row = from.closest('[data-version]');
  for (let i = 0; i < Math.abs(by) && row; i++)
    row = by > 0 ? row.nextElementSibling : row.previousElementSibling;
  const cell = row
    ?.querySelector<HTMLElement>(`[data-column="${CSS.escape(column ?? '')}"]`)
    ?.querySelector<HTMLElement>('input, textarea, button');
  if (cell) cell.focus();
  else from.blur();
}

/** One cell, with the control of its field. What is pasted from a spreadsheet goes to the right and down. */
export function Cell({
  row,
  field,
  problem,
  below,
}: {
  row: Row;
  field: AskedField;
  problem: string;
  /** Ids of the rows from this one on, as they are seen. */
  below: () => string[];
}) {
  const value = (row.values as Record<string, unknown> | undefined)?.[field.id];
  const set = (text: string | null, given?: unknown) =>
    editOrSay({
      kind: 'setCells',
      cells: [{ row: row.id, field: field.id, text: text ?? undefined, value: given as never }],
    });
  return (
    <div
      className={`cell ${problem ? 'wrong' : ''}`}
      data-column={field.id}
      title={problem || undefined}
      onPaste={(event) => {
        const text = event.clipboardData.getData('text/plain');
        if (!/[\t\n]/.test(text.trimEnd())) return;
        event.preventDefault();
        editOrSay({ kind: 'pasteCells', rows: below(), field: field.id, text });
      }}
    >
      <Answer row={row} field={field} value={value} set={set} />
      <Button
        size="small"
        type="text"
        className="fillDown"
        tabIndex={-1}
        aria-label="To all rows below"
        title="Give this to all rows below; locked ones stay as they are"
        onPointerDown={(event) => event.preventDefault()}
        onClick={() => {
          // What is still being typed is taken first.
          (document.activeElement as HTMLElement | null)?.blur();
          editOrSay({ kind: 'fillDown', field: field.id, rows: below() });
        }}
      >
        ↓
      </Button>
      {problem && (
        <span className="mark" role="img" aria-label={problem}>
          ▲
        </span>
      )}
    </div>
  );
}

function Answer({
  row,
  field,
  value,
  set,
}: {
  row: Row;
  field: AskedField;
  value: unknown;
  set: (text: string | null, given?: unknown) => void;
}) {
  const label = `${field.name}, row ${row.id}`;
  const stands = said(field.value);
  switch (field.kind) {
    case 'colour':
      return (
        <ColourField
          label={label}
          value={typeof value === 'string' ? value : ((field.value as string | undefined) ?? '#000000')}
          change={(colour) => set(colour)}
        />
      );
    case 'choice':
      return (
        <Select
          size="small"
          variant="borderless"
          aria-label={label}
          allowClear
          placeholder={stands}
          value={typeof value === 'string' ? value : undefined}
          options={field.options.map((option) => ({ value: option, label: option }))}
          onChange={(option: string | undefined) => set(option ?? '')}
        />
      );
    case 'switch':
      return (
        <Switch
          size="small"
          aria-label={label}
          checked={typeof value === 'boolean' ? value : field.value === true}
          onChange={(on) => set(null, on)}
        />
      );
    case 'picture':
    case 'film':
    case 'sound':
      return <FileCell label={label} name={said(value) || stands} set={set} sound={field.kind === 'sound'} />;
    default:
      return <TypedCell key={said(value)} label={label} value={said(value)} stands={stands} set={set} />;
  }
}

/** Letters of a line in the widest column, and lines that a row has room for. */
const LINE_LETTERS = 22;
const MOST_LINES = 3;

const linesOf = (text: string) =>
  Math.min(
    MOST_LINES,
    text.split('\n').reduce((sum, line) => sum + Math.max(1, Math.ceil(line.length / LINE_LETTERS)), 0),
  );

function TypedCell({
  label,
  value,
  stands,
  set,
}: {
  label: string;
  value: string;
  /** What stands in the project, where nothing is filled in. */
  stands: string;
  set: (text: string | null) => void;
}) {
  return (
    <textarea
      rows={linesOf(value)}
      aria-label={label}
      placeholder={stands}
      defaultValue={value}
      onBlur={(event) => event.target.value !== value && set(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          event.currentTarget.value = value;
          event.currentTarget.blur();
        } else if ((event.key === 'Enter' && !event.shiftKey) || event.key === 'ArrowDown') {
          event.preventDefault();
          go(event.currentTarget, 1);
        } else if (event.key === 'ArrowUp') {
          event.preventDefault();
          go(event.currentTarget, -1);
        }
      }}
    />
  );
}

function FileCell({
  label,
  name,
  set,
  sound,
}: {
  label: string;
  name: string;
  /** Whether a recording is asked for, not a picture or film. */
  sound: boolean;
  set: (text: string | null, given?: unknown) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setBusy(true);
    await (sound ? keepSound(chosen) : keepPicture(chosen)).then(
      (fill) => set(null, fill),
      (error: unknown) => useDocument.setState({ message: reasonOf(error) }),
    );
    setBusy(false);
  };
  return (
    <>
      <input
        ref={file}
        type="file"
        hidden
        accept={sound ? SOUND_KINDS : PICTURE_KINDS}
        aria-label={`${label}: file`}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button
        size="small"
        type="link"
        loading={busy}
        aria-label={label}
        onClick={() => file.current?.click()}
      >
        {name || 'choose a file'}
      </Button>
    </>
  );
}
