import { Button, Input, InputNumber, Segmented, Select, Switch } from 'antd';
import { useRef, useState } from 'react';
import type { Fill } from '../api/client';
import { ColourField } from '../controls/ColourField';
import { keepPicture, PICTURE_KINDS } from '../document/pictureFile';
import { keepSound, SOUND_KINDS } from '../document/soundFile';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import type { AskedField } from './opened';

/** Options whose characters together are more than these go into a list. */
const ROW = 40;

/** One question: its name, its hint, and the control of its kind. What is refused stays as it was typed, with the reason. */
export function FieldRow({ field, attend }: { field: AskedField; attend: () => void }) {
  const [problem, setProblem] = useState('');
  const fill = (value: unknown, gesture = '') => {
    // What is typed on is one change.
    useDocument
      .getState()
      .ask({ kind: 'fillField', field: field.id, value: value as never }, `field ${field.id} ${gesture}`)
      .then(
        () => setProblem(''),
        (error: unknown) => setProblem(reasonOf(error)),
      );
  };
  const id = `field-${field.id}`;
  return (
    <div className="question" data-field={field.name} onFocus={attend}>
      <label htmlFor={id}>{field.name}</label>
      {field.hint && <p className="hint">{field.hint}</p>}
      <Answer id={id} field={field} fill={fill} say={setProblem} />
      {(problem || field.problem) && (
        <p className="problem" role="alert">
          {problem || field.problem}
        </p>
      )}
    </div>
  );
}

function Answer({
  id,
  field,
  fill,
  say,
}: {
  id: string;
  field: AskedField;
  fill: (value: unknown, gesture?: string) => void;
  say: (problem: string) => void;
}) {
  switch (field.kind) {
    case 'text':
      return <Words id={id} field={field} fill={fill} />;
    case 'number':
      return (
        <InputNumber
          id={id}
          value={field.value as number | undefined}
          placeholder="a number"
          onChange={(value) => value !== null && fill(value, 'typed')}
        />
      );
    case 'colour':
      return (
        <ColourField
          label={field.name}
          value={(field.value as string | undefined) ?? '#000000'}
          change={(colour, gesture) => fill(colour, gesture)}
        />
      );
    case 'choice': {
      const options = field.options.map((option) => ({ value: option, label: option }));
      const long = field.options.join('  ').length > ROW;
      return long ? (
        <Select
          id={id}
          aria-label={field.name}
          value={field.value as string}
          options={options}
          onChange={(value) => fill(value)}
        />
      ) : (
        <Segmented
          aria-label={field.name}
          value={(field.value as string | undefined) ?? ''}
          options={options}
          onChange={(value) => fill(value)}
        />
      );
    }
    case 'switch':
      return <Switch id={id} checked={field.value === true} onChange={(on) => fill(on)} />;
    default:
      return <FileAnswer id={id} field={field} fill={fill} say={say} />;
  }
}

function Words({
  id,
  field,
  fill,
}: {
  id: string;
  field: AskedField;
  fill: (value: unknown, gesture?: string) => void;
}) {
  const stands = (field.value as string | undefined) ?? '';
  /** What is typed, until it stands there: what is refused is not lost. */
  const [typed, setTyped] = useState<string | null>(null);
  return (
    <Input.TextArea
      id={id}
      autoSize={{ minRows: 1, maxRows: 8 }}
      value={typed ?? stands}
      count={field.most ? { show: true, max: field.most } : undefined}
      onChange={(event) => {
        setTyped(event.target.value);
        fill(event.target.value, 'typed');
      }}
      onBlur={() => {
        if (typed === stands) setTyped(null);
      }}
    />
  );
}

function FileAnswer({
  id,
  field,
  fill,
  say,
}: {
  id: string;
  field: AskedField;
  fill: (value: unknown) => void;
  say: (problem: string) => void;
}) {
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const now = field.value as Extract<Fill, { kind: 'picture' | 'film' }> | { name: string } | undefined;
  const name = now && ('name' in now ? now.name : now.picture?.name);
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setBusy(true);
    say('');
    try {
      fill(await (field.kind === 'sound' ? keepSound(chosen) : keepPicture(chosen)));
    } catch (error) {
      say(reasonOf(error));
    }
    setBusy(false);
  };
  return (
    <p className="pictureAnswer">
      <input
        ref={file}
        type="file"
        hidden
        accept={field.kind === 'sound' ? SOUND_KINDS : PICTURE_KINDS}
        aria-label={`File for ${field.name}`}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button id={id} loading={busy} onClick={() => file.current?.click()}>
        Choose a file
      </Button>
      {name && <span className="quiet">{name}</span>}
    </p>
  );
}
