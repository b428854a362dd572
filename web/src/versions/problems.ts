import { useEffect, useState } from 'react';
import { postJson, type Project } from '../api/client';
import type { components } from '../api/generated';
import { draftNow, useDocument } from '../document/store';

export type CellProblem = components['schemas']['CellProblem'];
export type Row = components['schemas']['Row'];

/** Rows that are looked at in one question. */
const CHUNK = 8;
const QUIET_MS = 400;

/** What is known of rows; a row that is changed is another object, and so is looked at anew. */
interface Known {
  scenes: unknown;
  fields: unknown;
  scene: string;
  of: Map<Row, CellProblem[]>;
}

/** What is wrong with the rows of the table, those that are in sight first; the others follow in quiet moments. */
export function useProblems(project: Project, scene: string, rows: Row[], inSight: Row[]) {
  const [known, setKnown] = useState<Known>({ scenes: null, fields: null, scene: '', of: new Map() });
  const current =
    known.scenes === project.scenes && known.fields === project.fields && known.scene === scene
      ? known.of
      : new Map<Row, CellProblem[]>();
  const next = [...inSight, ...rows].filter((row) => !current.has(row)).slice(0, CHUNK);
  const wanted = next.map((row) => row.id).join(' ');
  const saved = useDocument((state) => state.pending.length === 0 && state.live.length === 0);
  useEffect(() => {
    if (!wanted || !saved) return;
    let gone = false;
    const timer = setTimeout(() => {
      const { id } = useDocument.getState();
      const draft = draftNow();
      const format = project.scenes.find((one) => one.id === scene)?.formats[0]?.id ?? '';
      postJson<CellProblem[]>(`/api/projects/${id}/table/problems`, {
        draft: { base: draft.base, patch: { operations: draft.operations }, wishes: [], scene, format },
        rows: next.map((row) => row.id),
      })
        .then((found) => {
          if (gone) return;
          const of = new Map(current);
          next.forEach((row) =>
            of.set(
              row,
              found.filter((one) => one.row === row.id),
            ),
          );
          setKnown({ scenes: project.scenes, fields: project.fields, scene, of });
        })
        // A server that is away is asked again with the next change.
        .catch(() => undefined);
    }, QUIET_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is asked for is told apart by these
  }, [wanted, saved, project.scenes, project.fields, scene]);
  return current;
}
