import { useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useRef, useState } from 'react';
import { filed, taken, type Filing } from './library';

/** What can be done with what people keep themselves: take it in from a file, write it to one, delete it. */
export function OwnTools({
  filing,
  there,
  own,
  chosen,
}: {
  filing: Filing;
  /** Ids of all that is there. */
  there: string[];
  /** What is written to a file. */
  own: unknown[];
  /** The id of the chosen one where it is one's own. */
  chosen: string | null;
}) {
  const client = useQueryClient();
  const [problem, setProblem] = useState('');
  const file = useRef<HTMLInputElement>(null);
  const anew = () => client.invalidateQueries({ queryKey: [filing.things] });
  const take = async (chosenFile: File | undefined) => {
    if (!chosenFile) return;
    try {
      const fresh = await taken(filing, await chosenFile.text(), there);
      setProblem(fresh === 0 ? `All ${filing.things} of this file are here already.` : '');
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    await anew();
  };
  const save = () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([filed(filing, own)], { type: 'application/json' }));
    link.download = `${filing.things}.json`;
    link.click();
    URL.revokeObjectURL(link.href);
  };
  return (
    <>
      {problem && <span className="problem">{problem}</span>}
      <input
        ref={file}
        type="file"
        hidden
        accept=".json"
        aria-label={`File of ${filing.things}`}
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button onClick={() => file.current?.click()}>Import {filing.things}</Button>
      {own.length > 0 && <Button onClick={save}>Export yours</Button>}
      {chosen && (
        <Button
          onClick={() => void fetch(`/api/${filing.things}/${chosen}`, { method: 'DELETE' }).then(anew)}
        >
          Delete
        </Button>
      )}
    </>
  );
}
