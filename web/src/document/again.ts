import type { Operation, Project } from '../api/client';
import { applyPatch, valueAt } from './patch';

const IN_BLOCK = /^(scenes\/[^/]+\/blocks\/)([^/]+)(\/.*)$/;

/**
 * The last change made to other blocks: what was done to one block is done to each of these, to their moves of the same
 * place in the same phase. What does not fit a block is left out; nothing when it was no change of a single block.
 */
export function again(project: Project, last: Operation[], ids: string[]): Operation[] {
  const from = new Set(last.map((operation) => IN_BLOCK.exec(operation.at)?.[2]));
  const [source] = from;
  if (from.size !== 1 || source === undefined) return [];
  return ids.flatMap((id) => {
    if (id === source) return [];
    const made = last.map((operation) => carried(project, operation, source, id));
    if (made.some((operation) => operation === null)) return [];
    const operations = made as Operation[];
    try {
      applyPatch(project, operations);
      return operations;
    } catch {
      return [];
    }
  });
}

function carried(project: Project, operation: Operation, source: string, id: string): Operation | null {
  const [, before, , rest] = IN_BLOCK.exec(operation.at)!;
  // A change of words belongs to its words.
  if (operation.op === 'splice' || operation.op === 'reorder') return null;
  const steps = rest!.split('/');
  const from = `${before}${source}`;
  const to = `${before}${id}`;
  if (steps[2] === 'moves' && steps[3]) {
    const index = idsAt(project, `${from}/${steps[1]}`).indexOf(steps[3]);
    const other = idsAt(project, `${to}/${steps[1]}`)[index];
    if (other === undefined) return null;
    steps[3] = other;
  }
  const at = to + steps.join('/');
  if (operation.op !== 'insert') return { ...operation, at };
  const taken = idsOf(valueAt(project, at));
  const value = operation.value as { id: string };
  let made = value.id;
  for (let number = 1; taken.includes(made); number++) made = `${value.id.replace(/\d+$/, '')}${number}`;
  return { ...operation, at, value: { ...value, id: made } };
}

const idsOf = (list: unknown) => (Array.isArray(list) ? list.map((one: { id: string }) => one.id) : []);
const idsAt = (project: Project, phase: string) => idsOf(valueAt(project, `${phase}/moves`));
