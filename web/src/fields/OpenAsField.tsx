import { Button, Dropdown } from 'antd';
import { useState } from 'react';
import type { Control, Part } from '../api/client';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { fieldsOf, openable, useFields } from './opened';

/** At the foot of a drawer: opens what its controls change as fields, and says what is open already. */
export function OpenAsField({ part }: { part: Part }) {
  const [said, setSaid] = useState('');
  const open = fieldsOf(part, useFields());
  const controls = openable(part);
  if (controls.length === 0) return null;
  const take = (control: Control) => {
    const { scene, block } = useStage.getState();
    const blocks = useDocument.getState().document?.scenes.find((one) => one.id === scene)?.blocks;
    const about = blocks?.find((one) => one.id === block)?.name ?? '';
    edit({ kind: 'openField', control: control as never, about }).then(setSaid, (error: unknown) =>
      setSaid(reasonOf(error)),
    );
  };
  return (
    <p className="fieldNote">
      {open.map((field) => (
        <span key={field.id}>Open as ‹{field.name}›. </span>
      ))}
      {controls.length === 1 ? (
        open.length === 0 && (
          <Button size="small" type="link" onClick={() => take(controls[0]!)}>
            open as a field
          </Button>
        )
      ) : (
        <Dropdown
          trigger={['click']}
          menu={{
            items: controls.map((control, i) => ({ key: i, label: control.label })),
            onClick: ({ key }) => take(controls[Number(key)]!),
          }}
        >
          <Button size="small" type="link">
            open as a field …
          </Button>
        </Dropdown>
      )}
      {said && <span role="status">{said}</span>}
    </p>
  );
}
