import { Button, Input } from 'antd';
import { useState, type ReactNode } from 'react';

/** Keeps something under a name; what is wrong is said below. */
export function SaveUnder({
  label,
  children,
  save,
  close,
}: {
  /** Of the field for the name. */
  label: string;
  /** What else is said of it. */
  children: ReactNode;
  save: (name: string) => Promise<unknown>;
  close: () => void;
}) {
  const [name, setName] = useState('');
  const [problem, setProblem] = useState('');
  const keep = async () => {
    try {
      await save(name);
      close();
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  return (
    <div
      className="saveUnder"
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Escape') close();
        else if (event.key === 'Enter' && name.trim()) void keep();
      }}
    >
      <Input
        autoFocus
        size="small"
        placeholder="Name"
        aria-label={label}
        maxLength={100}
        value={name}
        onChange={(event) => setName(event.target.value)}
      />
      {children}
      <Button size="small" type="primary" disabled={!name.trim()} onClick={() => void keep()}>
        Save
      </Button>
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
