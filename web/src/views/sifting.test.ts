import { expect, test } from 'vitest';
import { sifted } from './sifting';

const project = (name: string, updatedAt: string, ...scenes: string[]) => ({ name, updatedAt, scenes });
const PROJECTS = [
  project('Quay 10', '2026-03-01T10:00:00Z', 'Opening', 'Fog warning'),
  project('quay 9', '2026-03-03T10:00:00Z', 'Opening'),
  project('Night ferry', '2026-03-02T10:00:00Z'),
];
const names = (sought: string, order: 'newest' | 'name') =>
  sifted(PROJECTS, sought, order).map((one) => one.name);

test('projects are found by words of their names and scenes, and put into order', () => {
  expect(names('', 'newest')).toEqual(['quay 9', 'Night ferry', 'Quay 10']);
  expect(names('', 'name')).toEqual(['Night ferry', 'quay 9', 'Quay 10']);
  expect(names(' QUAY opening ', 'name')).toEqual(['quay 9', 'Quay 10']);
  expect(names('fog', 'newest')).toEqual(['Quay 10']);
  expect(names('harbour', 'newest')).toEqual([]);
});
