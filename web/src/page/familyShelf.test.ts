import { expect, it } from 'vitest';
import { noteUse, readShelf, toggleStar } from './familyShelf';

it('reads what was kept, and begins anew where nothing sound is kept', () => {
  expect(readShelf('{"starred":["Oswald"]}')).toEqual({ starred: ['Oswald'], recent: [] });
  expect(readShelf(null)).toEqual({ starred: [], recent: [] });
  expect(readShelf('{"starred":')).toEqual({ starred: [], recent: [] });
});

it('stars and unstars, and keeps the last eight used, the newest first', () => {
  let shelf = toggleStar(readShelf(null), 'Oswald');
  expect(shelf.starred).toEqual(['Oswald']);
  shelf = toggleStar(shelf, 'Oswald');
  expect(shelf.starred).toEqual([]);
  for (const family of ['a', 'b', 'c', 'd', 'e', 'f', 'g', 'h', 'i', 'b']) shelf = noteUse(shelf, family);
  expect(shelf.recent).toEqual(['b', 'i', 'h', 'g', 'f', 'e', 'd', 'c']);
});
