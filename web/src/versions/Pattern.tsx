import { useState } from 'react';
import type { Project } from '../api/client';
import { NameField } from '../controls/NameField';
import { useDocument } from '../document/store';
import type { AskedField } from '../fields/opened';

/** The names of files, typed in place; fields stand between ‹ and ›. */
export function Pattern({ project, fields }: { project: Project; fields: AskedField[] }) {
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
