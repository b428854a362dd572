import { ArrowDownOutlined, ArrowUpOutlined, DeleteOutlined } from '@ant-design/icons';
import { Button, Drawer } from 'antd';
import { memo, type ReactNode } from 'react';
import { Link } from 'react-router';
import type { Operation, Project } from '../api/client';
import { edit, editOrSay } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { useFields, type AskedField } from './opened';

const KINDS: Record<AskedField['kind'], string> = {
  text: 'words',
  number: 'a number',
  colour: 'a colour',
  picture: 'a picture or film',
  film: 'a film',
  sound: 'a sound',
  choice: 'a choice',
  switch: 'yes or no',
};

/** What of the project is open for others to fill in: named, explained, limited and put in order. */
export const FieldsPanel = memo(function FieldsPanel({
  open,
  close,
  publish,
  project,
}: {
  open: boolean;
  close: () => void;
  /** Opens what publishes it. */
  publish: () => void;
  project: Project;
}) {
  const fields = useFields();
  const commit = useDocument((state) => state.commit);
  return (
    <Drawer title="Fields" size={420} open={open} onClose={close} className="fieldsPanel">
      {fields.length === 0 ? (
        <p className="quiet">
          Nothing is open yet. Right click a block and open its words as a field, or open a number, a colour,
          a picture or a choice at the foot of its drawer. Then others fill them in without touching the rest.
        </p>
      ) : (
        <p>
          <Link to={`/projects/${project.id}/fill`}>Open the fill-in view</Link>
          <span className="quiet"> – its address can be passed on. </span>
          <Link to={`/projects/${project.id}/versions`}>Make versions of it</Link>
        </p>
      )}
      <p>
        <Button size="small" onClick={publish}>
          Publish as a template
        </Button>
      </p>
      <ol className="fieldList">
        {fields.map((field, i) => (
          <FieldItem key={field.id} field={field}>
            <Button
              size="small"
              type="text"
              aria-label="Ask for it earlier"
              disabled={i === 0}
              icon={<ArrowUpOutlined />}
              onClick={() => commit([{ op: 'reorder', at: `fields/${field.id}`, index: i - 1 }])}
            />
            <Button
              size="small"
              type="text"
              aria-label="Ask for it later"
              disabled={i === fields.length - 1}
              icon={<ArrowDownOutlined />}
              onClick={() => commit([{ op: 'reorder', at: `fields/${field.id}`, index: i + 1 }])}
            />
            <Button
              size="small"
              type="text"
              aria-label="Close this field"
              title="Nobody else fills it in any more; its value stays"
              icon={<DeleteOutlined />}
              onClick={() => commit([{ op: 'remove', at: `fields/${field.id}` }])}
            />
          </FieldItem>
        ))}
      </ol>
      <p className="quiet">
        For words that are built by steps:{' '}
        {(['text', 'number'] as const).map((kind) => (
          <Button
            key={kind}
            type="link"
            size="small"
            onClick={() =>
              editOrSay({ kind: 'addField', name: kind === 'text' ? 'Words' : 'Number', of: kind })
            }
          >
            + {KINDS[kind]}
          </Button>
        ))}
      </p>
    </Drawer>
  );
});

function FieldItem({ field, children }: { field: AskedField; children: ReactNode }) {
  const commit = useDocument((state) => state.commit);
  const at = `fields/${field.id}`;
  const column = useDocument(
    (state) =>
      (field.kind === 'text' &&
        state.document?.table?.rows.filter((row) => (row.values as Record<string, unknown>)[field.id])
          .length) ||
      0,
  );
  const list = () => {
    const { scene, block } = useStage.getState();
    edit({ kind: 'listColumn', scene, block: block ?? '', field: field.id }).then(
      (said) => useDocument.setState({ message: said }),
      (error: unknown) => useDocument.setState({ message: reasonOf(error) }),
    );
  };
  const give = (name: string, value: string | number | null): Operation[] =>
    value === null || value === ''
      ? [{ op: 'clear', at: `${at}/${name}` }]
      : [{ op: 'set', at: `${at}/${name}`, value }];
  return (
    <li data-field={field.name}>
      <div className="fieldHead">
        <Line
          label="Name of the field"
          value={field.name}
          give={(name) => name && commit(give('name', name))}
        />
        {children}
      </div>
      <p className="quiet">{KINDS[field.kind]}</p>
      <Line
        label="Hint"
        placeholder="what whoever fills it in should know"
        value={field.hint}
        give={(hint) => commit(give('hint', hint))}
      />
      <Line
        label="Group"
        placeholder="what it is asked for with"
        value={field.group}
        give={(group) => commit(give('group', group))}
      />
      {field.kind === 'text' && (
        <Limit label="characters at most" value={field.most} give={(most) => commit(give('most', most))} />
      )}
      {field.kind === 'number' && (
        <p className="limits">
          <Limit label="at least" value={field.least} give={(least) => commit(give('least', least))} />
          <Limit label="at most" value={field.most} give={(most) => commit(give('most', most))} />
        </p>
      )}
      {column > 0 && (
        <Button size="small" type="link" onClick={list}>
          put its {column} rows into the chosen block, a line each
        </Button>
      )}
      {field.problem && <p className="problem">{field.problem}</p>}
    </li>
  );
}

/** A line that is typed and taken when it is left, or by Enter. */
function Line({
  label,
  placeholder,
  value,
  give,
}: {
  label: string;
  placeholder?: string;
  value: string;
  give: (value: string) => void;
}) {
  return (
    <input
      key={value}
      className="fieldLine"
      aria-label={label}
      placeholder={placeholder ? `${label}: ${placeholder}` : undefined}
      defaultValue={value}
      maxLength={label === 'Hint' ? 1000 : 200}
      onBlur={(event) => {
        const given = event.target.value.trim();
        if (given !== value) give(given);
      }}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}

function Limit({
  label,
  value,
  give,
}: {
  label: string;
  value: number | undefined;
  give: (value: number | null) => void;
}) {
  return (
    <label className="limit">
      {label}{' '}
      <input
        key={value}
        type="number"
        aria-label={label}
        defaultValue={value}
        onBlur={(event) => {
          const given = event.target.value === '' ? null : Number(event.target.value);
          if (given !== (value ?? null)) give(given);
        }}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
    </label>
  );
}
