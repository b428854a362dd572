import { useQueryClient } from '@tanstack/react-query';
import { Input } from 'antd';
import { useState } from 'react';
import { postJson } from '../api/client';
import type { PhaseName } from '../document/phases';
import type { Json } from './library';
import { SaveUnder } from './SaveUnder';

/** Saves the moves of a phase to the motion library, under a name and with a note. */
export function SaveMoves({ phase, moves, close }: { phase: PhaseName; moves: Json[]; close: () => void }) {
  const client = useQueryClient();
  const [note, setNote] = useState('');
  return (
    <SaveUnder
      label="Name of the move"
      close={close}
      save={async (name) => {
        await postJson('/api/moves', { name, note, phase: phase.toUpperCase(), moves: moves.map(alone) });
        await client.invalidateQueries({ queryKey: ['moves'] });
      }}
    >
      <Input
        size="small"
        placeholder="Note"
        aria-label="Note on the move"
        maxLength={1000}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
    </SaveUnder>
  );
}

/** A move without what belongs to the words, shapes and other moves it was made beside. */
function alone(move: Json): Json {
  const kept = { ...move };
  for (const name of ['own', 'behind', 'shared']) delete kept[name];
  return kept;
}
