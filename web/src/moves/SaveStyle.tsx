import { useQueryClient } from '@tanstack/react-query';
import { Select } from 'antd';
import { useState } from 'react';
import { postJson } from '../api/client';
import { saved } from '../document/settled';
import { useDocument } from '../document/store';
import { SaveUnder } from './SaveUnder';
import { EXTENTS, type Extent } from './styles';

/** Keeps how a block looks as a style, under a name. */
export function SaveStyle({
  path,
  words,
  close,
}: {
  /** Of the block. */
  path: string;
  /** Whether it has a setting of its own. */
  words: boolean;
  close: () => void;
}) {
  const client = useQueryClient();
  const [extent, setExtent] = useState<Extent>('dress');
  const [, scene, , block] = path.split('/');
  const project = useDocument((state) => state.id);
  return (
    <SaveUnder
      label="Name of the style"
      close={close}
      save={async (name) => {
        await saved();
        await postJson('/api/styles', { name, extent, project, scene, block });
        await client.invalidateQueries({ queryKey: ['styles'] });
      }}
    >
      <Select
        size="small"
        aria-label="What the style holds"
        value={extent}
        onChange={setExtent}
        popupMatchSelectWidth={false}
        options={EXTENTS.filter(([one]) => words || one !== 'setting').map(([one, label]) => ({
          value: one,
          label: words ? label : label.replace('dress, setting', 'dress'),
        }))}
      />
    </SaveUnder>
  );
}
