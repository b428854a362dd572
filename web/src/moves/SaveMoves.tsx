import { useQueryClient } from '@tanstack/react-query';
import { Button, Input } from 'antd';
import { useState } from 'react';
import { postJson } from '../api/client';
import type { PhaseName } from '../document/phases';
import type { Json } from './library';

/** Saves the moves of a phase to the motion library, under a name and with a note. */
export function SaveMoves({ phase, moves, close }: { phase: PhaseName; moves: Json[]; close: () => void }) {
  const client = useQueryClient();
  const [name, setName] = useState('');
  const [note, setNote] = useState('');
  const [problem, setProblem] = useState('');
  const save = async () => {
    try {
      await postJson('/api/moves', { name, note, phase: phase.toUpperCase(), moves: moves.map(alone) });
      await client.invalidateQueries({ queryKey: ['moves'] });
      close();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <div
      className="saveMoves"
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') close();
        else if (event.key === 'Enter' && name.trim()) void save();
      }}
    >
      <Input
        autoFocus
        size="small"
        placeholder="Name"
        aria-label="Name of the move"
        maxLength={100}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      <Input
        size="small"
        placeholder="Note"
        aria-label="Note on the move"
        maxLength={1000}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <Button size="small" type="primary" disabled={!name.trim()} onClick={() => void save()}>
        Save
      </Button>
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}

/** A move without what belongs to the words, shapes and other moves it was made beside. */
function alone(move: Json): Json {
  const kept = { ...move };
  for (const name of ['own', 'behind', 'shared']) delete kept[name];
  return kept;
}
