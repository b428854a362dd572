import { api, postJson, RequestError, type Operation, type Project } from '../api/client';
import type { Batch, Kept } from './unsaved';

/** Sends changes to be saved. */
export const sendBatch = (id: string, sent: Batch, operations: Operation[]) =>
  postJson<{ revision: number }>(`/api/projects/${id}/revisions`, {
    base: sent.base,
    change: sent.change,
    patch: { operations },
  });

export const fetched = async (id: string): Promise<{ revision: number; document: Project }> => {
  const { data, error } = await api.GET('/api/projects/{id}', { params: { path: { id } } });
  if (!data)
    throw new Error((error as { detail?: string } | undefined)?.detail ?? 'The project cannot be loaded.');
  return { revision: data.revision, document: data.document as Project };
};

export const fetchedAt = async (id: string, number: number): Promise<Project | null> => {
  const { data } = await api.GET('/api/projects/{id}/revisions/{number}', {
    params: { path: { id, number } },
  });
  return (data?.document as Project | undefined) ?? null;
};

/**
 * What a page that was closed or reloaded had not saved: first the changes that were on their way, under their old name. Gives
 * what is left to be saved, and the revision it builds on.
 */
export async function finishBatch(id: string, kept: Kept): Promise<Omit<Kept, 'batch'>> {
  if (!kept.batch) return kept;
  try {
    const { revision } = await sendBatch(id, kept.batch, kept.unsaved.slice(0, kept.batch.count));
    return { base: revision, unsaved: kept.unsaved.slice(kept.batch.count), wishes: kept.wishes };
  } catch (error) {
    // Refused as too old: it was never saved, and is laid on the newest document like any other change.
    if (error instanceof RequestError && error.problem.status >= 400 && error.problem.status < 500)
      return kept;
    throw error;
  }
}

/** Adds what differs in another state as takes to the newest one. */
export const takesOf = (
  id: string,
  revision: number,
  base: number,
  unsaved: Operation[],
  scene: string,
  format: string,
) =>
  postJson<{ operations: Operation[] }>(`/api/projects/${id}/edit`, {
    draft: { base: revision, patch: { operations: [] }, scene, format },
    wish: { intent: { kind: 'keepAsTakes', base, patch: { operations: unsaved } } },
  });
