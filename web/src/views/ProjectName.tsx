import { useState } from 'react';
import { NameField } from '../controls/NameField';
import { useDocument } from '../document/store';

/** What the open project is called; it is renamed in place. */
export function ProjectName({ name }: { name: string }) {
  const [naming, setNaming] = useState(false);
  const commit = useDocument((state) => state.commit);
  if (naming)
    return (
      <NameField
        name={name}
        label="Name of the project"
        give={(given) => commit([{ op: 'set', at: 'name', value: given }])}
        close={() => setNaming(false)}
      />
    );
  return (
    <b
      role="button"
      tabIndex={0}
      title={`${name}. Double click, or Enter, renames it`}
      onDoubleClick={() => setNaming(true)}
      onKeyDown={(event) => {
        if (event.key !== 'Enter') return;
        event.preventDefault();
        event.stopPropagation();
        setNaming(true);
      }}
    >
      {name}
    </b>
  );
}
