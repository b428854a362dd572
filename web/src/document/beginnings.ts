import type { Beginning } from '../api/client';

/** What a scene can begin with, as it is called. */
export const BEGINNINGS: { key: Beginning; label: string; hint: string }[] = [
  { key: 'title', label: 'a title', hint: 'A title and a line under it' },
  { key: 'lowerThird', label: 'a lower third', hint: 'A name and what they do, beside a bar' },
  { key: 'credits', label: 'a credits roll', hint: 'Pairs that roll up, and a last card that stays' },
];
