import { create } from 'zustand';
import { api } from '../api/client';
import type { components } from '../api/generated';

type Family = components['schemas']['FontFamily'];

/**
 * Faces that people brought along, given to the browser one by one, so that one which it refuses is known and the page can show a
 * stand-in. The picture needs none of this: its outlines come from the core.
 */
export const useOwnFaces = create<{ refused: string[] }>(() => ({ refused: [] }));

const given = new Map<string, FontFace>();

async function give(family: Family): Promise<boolean> {
  const answer = await fetch(`/api/fonts/own/${family.sha256}`);
  if (!answer.ok) return false;
  const weight = family.axes.find((axis) => axis.tag === 'wght');
  const face = new FontFace(family.name, await answer.arrayBuffer(), {
    ...(weight ? { weight: `${weight.least} ${weight.most}` } : {}),
  });
  try {
    await face.load();
  } catch {
    return false;
  }
  document.fonts.add(face);
  given.set(key(family), face);
  return true;
}

const key = (family: Family) => `${family.name} ${family.sha256}`;

/** Gives the browser what came since, and takes from it what went. */
export async function giveOwnFaces(): Promise<void> {
  const { data } = await api.GET('/api/fonts');
  const own = (data ?? []).filter((family) => family.kind === 'own');
  const keys = new Set(own.map(key));
  for (const [name, face] of given)
    if (!keys.has(name)) {
      document.fonts.delete(face);
      given.delete(name);
    }
  const refused: string[] = [];
  for (const family of own) if (!given.has(key(family)) && !(await give(family))) refused.push(family.name);
  useOwnFaces.setState({ refused });
}
