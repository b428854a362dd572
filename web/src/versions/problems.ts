import { useEffect, useRef, useState } from 'react';
import { postJson, type Project } from '../api/client';
import type { components } from '../api/generated';
import { draftNow, useDocument } from '../document/store';

export type CellProblem = components['schemas']['CellProblem'];
export type Row = components['schemas']['Row'];

/** Rows in sight that are looked at in one question, when nothing has been typed for so long. */
const CHUNK = 8;
const QUIET_MS = 400;

/** The others, once those are known. */
const MANY = 60;
const SOON_MS = 30;
/** So long after the table came its pictures have the server to themselves. */
const FIRST_MS = 2500;

type Looked = components['schemas']['Looked'];

/** What came out of looking at a row. */
export interface RowLook {
  problems: CellProblem[];
  /** Frames of the scene in this version; nothing while it has not been looked at. */
  length?: number;
}

/** What is known of rows; a row that is changed is another object, and so is looked at anew. */
interface Known {
  scenes: unknown;
  fields: unknown;
  scene: string;
  of: Map<Row, RowLook>;
}

/** What is wrong with the rows of the table, those that are in sight first; the others follow in quiet moments. */
export function useProblems(project: Project, scene: string, rows: Row[], inSight: Row[]) {
  const [known, setKnown] = useState<Known>({ scenes: null, fields: null, scene: '', of: new Map() });
  const current =
    known.scenes === project.scenes && known.fields === project.fields && known.scene === scene
      ? known.of
      : new Map<Row, RowLook>();
  const unseen = inSight.filter((row) => !current.has(row));
  const next =
    unseen.length > 0 ? unseen.slice(0, CHUNK) : rows.filter((row) => !current.has(row)).slice(0, MANY);
  const wanted = next.map((row) => row.id).join(' ');
  const came = useRef(Infinity);
  useEffect(() => {
    came.current = performance.now();
  }, []);
  const saved = useDocument((state) => state.pending.length === 0 && state.live.length === 0);
  useEffect(() => {
    if (!wanted || !saved) return;
    let gone = false;
    const timer = setTimeout(
      () => {
        const { id } = useDocument.getState();
        const draft = draftNow();
        const format = project.scenes.find((one) => one.id === scene)?.formats[0]?.id ?? '';
        postJson<Looked>(`/api/projects/${id}/table/problems`, {
          draft: { base: draft.base, patch: { operations: draft.operations }, wishes: [], scene, format },
          rows: next.map((row) => row.id),
        })
          .then((found) => {
            if (gone) return;
            const of = new Map(current);
            next.forEach((row) =>
              of.set(row, {
                problems: found.problems.filter((one) => one.row === row.id),
                length: found.lengths[row.id],
              }),
            );
            setKnown({ scenes: project.scenes, fields: project.fields, scene, of });
          })
          // A server that is away is asked again with the next change.
          .catch(() => undefined);
      },
      unseen.length > 0 ? QUIET_MS : Math.max(SOON_MS, came.current + FIRST_MS - performance.now()),
    );
    return () => {
      gone = true;
      clearTimeout(timer);
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- what is asked for is told apart by these
  }, [wanted, saved, project.scenes, project.fields, scene]);
  return current;
}
