import type { Format, Operation, Project, Scene } from '../api/client';
import { applyPatch } from './patch';

type Json = unknown;
type Override = Format['overrides'][number];

/** What every format shares: a change of these is never an override. */
const SHARED = ['id', 'kind', 'text', 'runs', 'placed', 'name'];

/** The base format's own values are the blocks' values. */
export const isBase = (scene: Scene, format: string) => !format || scene.formats[0]?.id === format;

/** The scene as one of its formats shows it, for reading values and for editing them. */
export function shownScene(scene: Scene, formatId: string): Scene {
  const format = scene.formats.find((one) => one.id === formatId);
  if (!format || format.overrides.length === 0) return scene;
  return {
    ...scene,
    blocks: scene.blocks.map((block) => {
      const own = format.overrides.filter((override) => override.block === block.id);
      if (own.length === 0) return block;
      const copy = structuredClone(block);
      own.forEach((override) => put(copy, override.path, structuredClone(override.value)));
      return copy;
    }),
  };
}

/** The document as the shown scene and format have it. */
export function shownDocument(document: Project | null, sceneId: string, formatId: string): Project | null {
  const scene = document?.scenes.find((one) => one.id === sceneId);
  if (!document || !scene) return document;
  const shown = shownScene(scene, formatId);
  return shown === scene
    ? document
    : { ...document, scenes: document.scenes.map((one) => (one === scene ? shown : one)) };
}

/** The overrides that bear on a value of a block: of it, of what it lies in, or of what lies in it. */
export function overridesOn(format: Format, block: string, path: string[]): Override[] {
  return format.overrides.filter(
    (override) => override.block === block && (begins(path, override.path) || begins(override.path, path)),
  );
}

/** Changes of blocks, turned into changes of what this format overrides. The words stay shared. */
export function routed(scene: Scene, formatId: string, operations: Operation[]): Operation[] {
  if (isBase(scene, formatId)) return operations;
  // Only the format and the blocks matter; each change is made here before the next is looked at.
  let draft = { scenes: [scene] };
  return operations.flatMap((operation) => {
    const now = draft.scenes[0]!;
    const format = now.formats.find((one) => one.id === formatId);
    const turned = format ? route(now, format, operation) : [operation];
    draft = applyPatch(
      draft,
      turned.filter((one) => one.at.startsWith(`scenes/${scene.id}/`)),
    ).document;
    return turned;
  });
}

function route(scene: Scene, format: Format, operation: Operation): Operation[] {
  const [, sceneId, list, blockId, ...path] = operation.at.split('/');
  if (sceneId !== scene.id || list !== 'blocks' || !blockId || path.length === 0) return [operation];
  if (SHARED.includes(path[0]!) || operation.op === 'splice') return [operation];
  const at = `scenes/${scene.id}/formats/${format.id}/overrides`;
  // A list that gains, loses or moves an element is changed as a whole.
  const whole = operation.op === 'remove' || operation.op === 'reorder' || operation.op === 'insert';
  const target = operation.op === 'remove' || operation.op === 'reorder' ? path.slice(0, -1) : path;
  const around = format.overrides.find(
    (override) => override.block === blockId && begins(target, override.path),
  );
  if (around) {
    const inside = path.slice(around.path.length);
    if (inside.length > 0 || whole)
      return [{ ...operation, at: [at, around.id, 'value', ...inside].join('/') }];
    return [{ op: 'set', at: `${at}/${around.id}/value`, value: valueOf(operation) }];
  }
  const drop = format.overrides
    .filter((override) => override.block === blockId && begins(override.path, target))
    .map((override): Operation => ({ op: 'remove', at: `${at}/${override.id}` }));
  if (!whole) return [...drop, insert(at, blockId, target, valueOf(operation))];
  const block = shownScene(scene, format.id).blocks.find((one) => one.id === blockId);
  const rest = path.slice(target.length);
  return [
    ...drop,
    insert(at, blockId, target, get(block, target)),
    { ...operation, at: [at, fillingId(blockId, target), 'value', ...rest].join('/') },
  ];
}

const insert = (at: string, block: string, path: string[], value: Json): Operation => ({
  op: 'insert',
  at,
  index: 1_000_000,
  value: { id: fillingId(block, path), block, path, value },
});

const valueOf = (operation: Operation): Json => (operation.op === 'set' ? operation.value : null);

/** One filled value a path, under a name made of both: at most 64 characters, the last ones tell it apart. */
export function fillingId(block: string, path: string[]): string {
  return [block, ...path].join('.').slice(-64);
}

const begins = (path: string[], start: string[]) => start.every((step, i) => path[i] === step);

function get(root: Json, path: string[]): Json {
  return path.reduce<Json>(
    (node, step) =>
      Array.isArray(node)
        ? (node as { id?: string }[]).find((one) => one.id === step)
        : (node as Record<string, Json> | undefined)?.[step],
    root,
  );
}

function put(root: Json, path: string[], value: Json): void {
  const parent = get(root, path.slice(0, -1));
  const last = path.at(-1)!;
  if (Array.isArray(parent)) {
    const index = (parent as { id?: string }[]).findIndex((one) => one.id === last);
    if (index >= 0) parent[index] = value;
  } else if (parent && typeof parent === 'object') {
    if (value === null) delete (parent as Record<string, Json>)[last];
    else (parent as Record<string, Json>)[last] = value;
  }
}
