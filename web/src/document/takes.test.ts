import { expect, it } from 'vitest';
import type { Project, Scene } from '../api/client';
import { applyPatch } from './patch';
import { isTake, keptAsTakes, restored, takeAdded, takeUsed } from './takes';

const scene = (id: string, name: string, length = 10, takeOf?: string) =>
  ({ id, name, length, blocks: [], ...(takeOf ? { takeOf } : {}) }) as unknown as Scene;
const project = (...scenes: Scene[]) => ({ id: 'p', name: 'P', scenes }) as unknown as Project;
const after = (now: Project, operations: Parameters<typeof applyPatch>[1]) =>
  applyPatch(now, operations).document;

it('adds a take behind the scene and its other takes, under a name of its own', () => {
  const scenes = [scene('a', 'Opening'), scene('a-take', 'Opening, take 2', 9, 'a'), scene('b', 'Stops')];
  const { id, operations } = takeAdded(scenes, scene('a', 'Opening', 7));
  const next = after(project(...scenes), operations);
  expect(next.scenes.map((one) => one.name)).toEqual([
    'Opening',
    'Opening, take 2',
    'Opening, take 3',
    'Stops',
  ]);
  expect(next.scenes[2]).toMatchObject({ id, takeOf: 'a', length: 7 });
  expect(next.scenes.map((one) => isTake(next.scenes, one))).toEqual([false, true, true, false]);
});

it('brings a scene that is gone back as a scene of its own', () => {
  const next = after(
    project(scene('b', 'Stops')),
    takeAdded([scene('b', 'Stops')], scene('a', 'Opening')).operations,
  );
  expect(next.scenes[1]).toMatchObject({ name: 'Opening' });
  expect(next.scenes[1]!.takeOf).toBeUndefined();
});

it('lets a take and its scene change places, twice is as before', () => {
  const scenes = [scene('a', 'Opening', 10), scene('a-take', 'Opening, take 2', 7, 'a')];
  const once = after(project(...scenes), takeUsed(scenes, scenes[1]!));
  expect(once.scenes.map((one) => [one.id, one.length, one.takeOf])).toEqual([
    ['a', 7, undefined],
    ['a-take', 10, 'a'],
  ]);
  const twice = after(once, takeUsed(once.scenes, once.scenes[1]!));
  expect(twice.scenes).toEqual(scenes);
});

it('restores what a document was, and can be taken back', () => {
  const then = project(scene('a', 'Opening', 5));
  const now = { ...project(scene('a', 'Opening', 8), scene('b', 'Stops')), fields: [] } as unknown as Project;
  const { document, inverse } = applyPatch(now, restored(now, then));
  expect(document).toEqual(then);
  expect(applyPatch(document, inverse).document).toEqual(now);
  expect(restored(then, then)).toEqual([]);
});

it('keeps what differs from a newer state as takes', () => {
  const theirs = project(scene('a', 'Opening', 5), scene('b', 'Stops'));
  const mine = project(scene('a', 'Opening', 9), scene('b', 'Stops'));
  const next = after(theirs, keptAsTakes(theirs, mine));
  expect(next.scenes.map((one) => [one.name, one.length])).toEqual([
    ['Opening', 5],
    ['Opening, take 2', 9],
    ['Stops', 10],
  ]);
});
