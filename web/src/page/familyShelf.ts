import { useState } from 'react';

/** Families a designer wants to find again: starred ones, and those used last. Kept in this browser. */
export interface Shelf {
  starred: string[];
  recent: string[];
}

const KEY = 'knollwind.families';
const MOST_RECENT = 8;

export function readShelf(text: string | null): Shelf {
  try {
    const read = JSON.parse(text ?? '{}') as Partial<Shelf>;
    return { starred: read.starred ?? [], recent: read.recent ?? [] };
  } catch {
    return { starred: [], recent: [] };
  }
}

/** The shelf with a family starred, or no longer starred. */
export function toggleStar(shelf: Shelf, family: string): Shelf {
  const starred = shelf.starred.includes(family)
    ? shelf.starred.filter((one) => one !== family)
    : [...shelf.starred, family];
  return { ...shelf, starred };
}

/** The shelf with a family as the one used last. */
export function noteUse(shelf: Shelf, family: string): Shelf {
  return {
    ...shelf,
    recent: [family, ...shelf.recent.filter((one) => one !== family)].slice(0, MOST_RECENT),
  };
}

export function useShelf() {
  const [shelf, setShelf] = useState(() => readShelf(localStorage.getItem(KEY)));
  const keep = (next: Shelf) => {
    localStorage.setItem(KEY, JSON.stringify(next));
    setShelf(next);
  };
  return {
    shelf,
    star: (family: string) => keep(toggleStar(shelf, family)),
    note: (family: string) => keep(noteUse(shelf, family)),
  };
}
