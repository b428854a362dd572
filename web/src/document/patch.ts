import type { Operation } from '../api/client';

type Json = unknown;
type JsonObject = Record<string, Json>;
type Element = JsonObject & { id?: string };

/** A changed document and the operations that take the change back. */
export interface Patched<T> {
  document: T;
  inverse: Operation[];
}

/**
 * Applies operations: the page's own view of what the server will save. The document given stays as it is; the new one
 * shares with it all that has not changed, so a change in a long document costs little and what is drawn from the rest
 * need not be drawn again.
 */
export function applyPatch<T>(document: T, operations: Operation[]): Patched<T> {
  const tree = new ChangedTree(document);
  const inverse: Operation[] = [];
  for (const operation of operations) {
    inverse.unshift(...applyOne(tree, operation));
  }
  return { document: tree.root as T, inverse };
}

/** A document of which only what changes, and what it stands in, is copied. */
class ChangedTree {
  private readonly own = new Set<Json>();

  constructor(public root: Json) {}

  /** The object or list at a path, free to be changed. */
  open(path: string): Json {
    this.root = this.owned(this.root);
    let node = this.root;
    for (const step of path === '' ? [] : path.split('/')) {
      const parent = node as JsonObject;
      const key = Array.isArray(node) ? String(indexOf(node as Json[], step)) : step;
      if (parent[key] === undefined) throw new Error(`There is no '${step}' in the document`);
      node = this.owned(parent[key]);
      parent[key] = node;
    }
    return node;
  }

  private owned(node: Json): Json {
    if (typeof node !== 'object' || node === null || this.own.has(node)) return node;
    const copy: Json = Array.isArray(node) ? [...(node as Json[])] : { ...node };
    this.own.add(copy);
    return copy;
  }
}

/** The value at a path of the document; undefined where there is none. */
export function valueAt(document: unknown, path: string): unknown {
  const cut = path.lastIndexOf('/');
  try {
    const parent = find(document, cut < 0 ? '' : path.slice(0, cut));
    return Array.isArray(parent) ? undefined : (parent as JsonObject)[path.slice(cut + 1)];
  } catch {
    return undefined;
  }
}

function applyOne(tree: ChangedTree, operation: Operation): Operation[] {
  if (operation.at === '') throw new Error('The path is missing');
  const cut = operation.at.lastIndexOf('/');
  const parent = tree.open(cut < 0 ? '' : operation.at.slice(0, cut));
  const name = operation.at.slice(cut + 1);
  switch (operation.op) {
    case 'set': {
      if (Array.isArray(parent)) {
        const index = indexOf(parent, name);
        const before: Json = parent[index];
        parent[index] = operation.value;
        return [{ op: 'set', at: operation.at, value: before }];
      }
      const object = parent as JsonObject;
      const there = name in object;
      const before = object[name];
      object[name] = operation.value;
      return there ? [{ op: 'set', at: operation.at, value: before }] : [{ op: 'clear', at: operation.at }];
    }
    case 'clear': {
      const object = parent as JsonObject;
      if (!(name in object)) throw new Error(`There is nothing to clear at '${operation.at}'`);
      const before = object[name];
      delete object[name];
      return [{ op: 'set', at: operation.at, value: before }];
    }
    case 'insert': {
      const list = tree.open(operation.at) as Element[];
      const value = operation.value as Element;
      if (!Array.isArray(list) || !value.id) throw new Error(`Nothing can be inserted at '${operation.at}'`);
      if (list.some((element) => element.id === value.id))
        throw new Error(`There is an element '${value.id}' at '${operation.at}' already`);
      list.splice(Math.max(0, Math.min(operation.index, list.length)), 0, value);
      return [{ op: 'remove', at: `${operation.at}/${value.id}` }];
    }
    case 'remove': {
      const list = parent as Element[];
      const index = indexOf(list, name);
      const [value] = list.splice(index, 1);
      return [{ op: 'insert', at: operation.at.slice(0, cut), index, value }];
    }
    case 'reorder': {
      const list = parent as Element[];
      const index = indexOf(list, name);
      const [value] = list.splice(index, 1);
      list.splice(Math.max(0, Math.min(operation.index, list.length)), 0, value as Element);
      return [{ op: 'reorder', at: operation.at, index }];
    }
    case 'splice':
      return splice(tree, parent as JsonObject, name, operation);
  }
}

/** Lists of stretches of a block's text, which edits of the text move along. */
const RANGES = ['runs', 'placed'];
const PHASES = ['arrive', 'dwell', 'leave'];

interface RunRange extends JsonObject {
  from: number;
  to: number;
}

function splice(
  tree: ChangedTree,
  owner: JsonObject,
  name: string,
  edit: Extract<Operation, { op: 'splice' }>,
): Operation[] {
  const before = owner[name];
  if (typeof before !== 'string') throw new Error(`There are no words at '${edit.at}'`);
  const end = edit.from + edit.removed;
  if (end > before.length) throw new Error(`the words at '${edit.at}' are shorter than that`);
  owner[name] = before.slice(0, edit.from) + edit.inserted + before.slice(end);
  const inverse: Operation[] = [
    {
      op: 'splice',
      at: edit.at,
      from: edit.from,
      removed: edit.inserted.length,
      inserted: before.slice(edit.from, end),
    },
  ];
  if (name !== 'text') return inverse;
  const base = edit.at.replace(/text$/, '');
  for (const ranges of RANGES) moveRanges(owner, ranges, base, edit, inverse);
  for (const phase of PHASES)
    for (const move of (owner[phase] as { moves?: Element[] } | undefined)?.moves ?? [])
      if ((move.own as Json[] | undefined)?.length) {
        const at = `${base}${phase}/moves/${move.id}`;
        moveRanges(tree.open(at) as JsonObject, 'own', `${at}/`, edit, inverse);
      }
  return inverse;
}

function moveRanges(
  owner: JsonObject,
  name: string,
  path: string,
  edit: Extract<Operation, { op: 'splice' }>,
  inverse: Operation[],
): void {
  // Characters that go their own way stay those characters; what is typed after them is not theirs.
  const grows = name !== 'own';
  const shift = edit.inserted.length - edit.removed;
  const end = edit.from + edit.removed;
  const list = owner[name] as RunRange[] | undefined;
  if (!list || list.length === 0) return;
  inverse.push({ op: 'set', at: path + name, value: list });
  owner[name] = list
    .map((run) => ({
      ...run,
      from:
        run.from < edit.from
          ? run.from
          : run.from >= end
            ? run.from + shift
            : edit.from + edit.inserted.length,
      to: (grows ? run.to < edit.from : run.to <= edit.from)
        ? run.to
        : run.to >= end
          ? run.to + shift
          : edit.from,
    }))
    .filter((run) => run.to > run.from);
}

function find(root: Json, path: string): Json {
  let node = root;
  for (const step of path === '' ? [] : path.split('/')) {
    node = Array.isArray(node) ? (node as Json[])[indexOf(node, step)] : (node as JsonObject)[step];
    if (node === undefined) {
      throw new Error(`There is no '${step}' in the document`);
    }
  }
  return node;
}

/** Where the elements of long lists were last seen; what is not there any more is looked for anew. */
const places = new WeakMap<Json[], Map<string, number>>();
const LONG = 16;

function indexOf(list: Json[], id: string): number {
  const index =
    list.length < LONG ? list.findIndex((element) => (element as Element).id === id) : seen(list, id);
  if (index < 0) {
    throw new Error(`There is no element '${id}' in the list`);
  }
  return index;
}

function seen(list: Json[], id: string): number {
  const known = places.get(list)?.get(id) ?? -1;
  if ((list[known] as Element | undefined)?.id === id) return known;
  const now = new Map(list.map((element, i) => [(element as Element).id ?? '', i]));
  places.set(list, now);
  return now.get(id) ?? -1;
}

/** The one splice that turns a text into another: what lies between their common beginning and end. */
export function spliceBetween(
  before: string,
  after: string,
): { from: number; removed: number; inserted: string } {
  const shortest = Math.min(before.length, after.length);
  let start = 0;
  while (start < shortest && before[start] === after[start]) start++;
  let end = 0;
  while (end < shortest - start && before[before.length - 1 - end] === after[after.length - 1 - end]) end++;
  const broken = (text: string, at: number) => /[\uDC00-\uDFFF]/.test(text[at] ?? '');
  if (broken(before, start) || broken(after, start)) start--;
  if (end > 0 && (broken(before, before.length - end) || broken(after, after.length - end))) end--;
  return {
    from: start,
    removed: before.length - start - end,
    inserted: after.slice(start, after.length - end),
  };
}

/** Typed or pasted text as a block may hold it: line breaks as one kind, tabs, no other control characters. */
export function cleanText(text: string): string {
  return text
    .replace(/\r\n?|[\u2028\u2029]/g, '\n')
    .replace(/[\u0000-\u0008\u000b-\u001f\u007f-\u009f]/g, '');
}
