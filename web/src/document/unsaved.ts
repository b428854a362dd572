import type { Operation } from '../api/client';
import type { Pending } from './wishes';

/** Changes on their way to the server, under a name by which it knows them again if its answer was lost. */
export interface Batch {
  change: string;
  base: number;
  count: number;
}

/** What a window has not saved yet, and the revision that it builds on. */
export interface Kept {
  base: number;
  unsaved: Operation[];
  batch: Batch | null;
  /** What was wished and not answered. */
  wishes?: Pick<Pending, 'wish' | 'operations'>[];
}

const WINDOW = 'knollwind.window';
const prefix = (project: string) => `knollwind.unsaved.${project}.`;
const lockOf = (name: string) => `knollwind.window.${name}`;

let own: string | null = null;

/** The lock that a living window holds, so that others know whose changes were left behind. */
function claim(name: string): Promise<boolean> {
  if (!navigator.locks) return Promise.resolve(true);
  return new Promise((answer) => {
    void navigator.locks.request(lockOf(name), { ifAvailable: true }, (lock) => {
      answer(lock !== null);
      // Held until the window goes.
      return lock ? new Promise(() => undefined) : undefined;
    });
  });
}

/** This window's name: it stays over a reload; a window that was doubled gets another. */
export async function windowName(): Promise<string> {
  if (own) return own;
  const before = sessionStorage.getItem(WINDOW);
  const name = before && (await claim(before)) ? before : crypto.randomUUID();
  if (name !== before) await claim(name);
  sessionStorage.setItem(WINDOW, name);
  own = name;
  return name;
}

/** Keeps what this window has not saved; nothing unsaved forgets it. Before the window has its name nothing can have been changed. */
export function keepUnsaved(project: string, kept: Kept): void {
  if (!own) return;
  if (kept.unsaved.length > 0 || kept.wishes?.length)
    localStorage.setItem(prefix(project) + own, JSON.stringify(kept));
  else localStorage.removeItem(prefix(project) + own);
}

/** What was left behind in a project: this window's own first, then that of windows that are gone. */
export async function leftBehind(
  project: string,
): Promise<{ kept: Kept; own: boolean; forget: () => void }[]> {
  const name = await windowName();
  const state = navigator.locks ? await navigator.locks.query() : null;
  const living = new Set(state?.held?.map((lock) => lock.name));
  const keys = Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix(project)))
    .filter((key) => {
      const window = key.slice(prefix(project).length);
      return window === name || (state !== null && !living.has(lockOf(window)));
    })
    .sort((one, other) => Number(other.endsWith(name)) - Number(one.endsWith(name)));
  return keys.flatMap((key) => {
    const text = localStorage.getItem(key);
    if (!text) return [];
    const forget = () => localStorage.removeItem(key);
    return [{ kept: JSON.parse(text) as Kept, own: key.endsWith(name), forget }];
  });
}
