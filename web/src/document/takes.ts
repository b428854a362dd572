import type { Operation, Project, Scene } from '../api/client';
import { free, freed, idsOf } from './ids';

/** What the top of a document is made of besides its scenes and its name of itself. */
const OWN = ['id', 'scenes', 'documentVersion', 'engineVersion'];

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/** True for another take of a scene that is there. */
export const isTake = (scenes: Scene[], scene: Scene) =>
  Boolean(scene.takeOf) && scenes.some((one) => one.id === scene.takeOf);

/** Adds a scene as another take of the one with its id, right behind it and its takes. */
export function takeAdded(scenes: Scene[], take: Scene): { id: string; operations: Operation[] } {
  const origin = take.takeOf && scenes.some((one) => one.id === take.takeOf) ? take.takeOf : take.id;
  const original = scenes.find((one) => one.id === origin);
  const stem = (original ?? take).name.replace(/, take \d+$/, '');
  const names = scenes.map((one) => one.name);
  const name = original ? free(`${stem}, take `, names, 2) : stem;
  const id = freed(`${origin.slice(0, 50)}-take`, new Set(idsOf(scenes)));
  const last = scenes.reduce(
    (found, one, i) => (one.id === origin || one.takeOf === origin ? i : found),
    scenes.length - 1,
  );
  const value = { ...take, id, name } as Scene;
  if (original) value.takeOf = origin;
  else delete value.takeOf;
  return { id, operations: [{ op: 'insert', at: 'scenes', index: last + 1, value }] };
}

/** A take becomes the scene, and the scene its take: what they hold changes places, what hangs on the scene stays. */
export function takeUsed(scenes: Scene[], take: Scene): Operation[] {
  const original = scenes.find((one) => one.id === take.takeOf);
  if (!original) return [];
  const { id, name } = original;
  return [
    { op: 'set', at: `scenes/${id}`, value: without({ ...take, id, name }) },
    { op: 'set', at: `scenes/${take.id}`, value: { ...original, id: take.id, name: take.name, takeOf: id } },
  ];
}

function without(scene: Scene): Scene {
  const copy = { ...scene };
  delete copy.takeOf;
  return copy;
}

/** Makes the document what it was: one change, which can be undone. */
export function restored(now: Project, then: Project): Operation[] {
  const before = now as unknown as Record<string, unknown>;
  const after = then as unknown as Record<string, unknown>;
  const operations: Operation[] = [];
  for (const member of new Set([...Object.keys(before), ...Object.keys(after)])) {
    if (OWN.includes(member) && member !== 'scenes') continue;
    if (same(before[member], after[member])) continue;
    operations.push(
      after[member] === undefined
        ? { op: 'clear', at: member }
        : { op: 'set', at: member, value: after[member] },
    );
  }
  return operations;
}

/** The scenes that differ in another document, each added as another take. */
export function keptAsTakes(theirs: Project, mine: Project): Operation[] {
  const operations: Operation[] = [];
  let scenes = theirs.scenes;
  for (const scene of mine.scenes) {
    if (
      same(
        scene,
        theirs.scenes.find((one) => one.id === scene.id),
      )
    )
      continue;
    const added = takeAdded(scenes, scene);
    operations.push(...added.operations);
    const insert = added.operations[0];
    if (insert?.op === 'insert') {
      scenes = [...scenes.slice(0, insert.index), insert.value as Scene, ...scenes.slice(insert.index)];
    }
  }
  return operations;
}
