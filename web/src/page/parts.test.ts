import { expect, it } from 'vitest';
import type { NumberControl, Part, Sentence } from '../api/client';
import { partKeys, scrubbed, stepped } from './parts';

const number = (label: string, derived = false): NumberControl => ({
  kind: 'number',
  label,
  value: 10,
  suffix: '',
  least: 0,
  most: 15,
  step: 1,
  derived,
  edits: [{ at: `m/pace/${label}`, factor: 1, offset: 0 }],
});
const part = (name: string, controls: unknown[]) => ({ name, controls, note: '' }) as Part;
const plain = { shiftKey: false, altKey: false };

it('names parts so that they are found again when the sentence changes', () => {
  const sentence = {
    path: '',
    segments: [
      { text: 'rise', part: part('change', []) },
      { text: ' and ' },
      { text: 'fade in', part: part('change', []) },
      { text: 'centre out', part: part('order', []) },
    ],
  } as Sentence;
  expect(partKeys(sentence)).toEqual(['change#0', null, 'change#1', 'order#0']);
});

it('scrubs the number that is held, and in the second half of a pace not "each"', () => {
  expect(scrubbed(part('pace', [number('each'), number('apart')]))?.label).toBe('each');
  expect(scrubbed(part('pace, second', [number('each'), number('apart')]))?.label).toBe('apart');
  expect(scrubbed(part('pace', [number('each', true), number('in all')]))?.label).toBe('in all');
  expect(scrubbed(part('order', []))).toBeUndefined();
});

it('steps by one, by ten with Shift, by a tenth with Alt, and stops at the bounds', () => {
  const value = (way: 1 | -1, keys: typeof plain) => stepped(part('pace', [number('each')]), way, keys, {});
  expect(value(1, plain)).toEqual([{ op: 'set', at: 'm/pace/each', value: 11 }]);
  expect(value(-1, { ...plain, altKey: true })).toEqual([{ op: 'set', at: 'm/pace/each', value: 9.9 }]);
  expect(value(1, { ...plain, shiftKey: true })).toEqual([{ op: 'set', at: 'm/pace/each', value: 15 }]);
  const least = part('pace', [{ ...number('each'), value: 0 }]);
  expect(stepped(least, -1, plain, {})).toBeUndefined();
});

it('steps from where the document is, not from where the sentence still stands', () => {
  const each = part('pace', [number('each')]);
  expect(stepped(each, 1, plain, { m: { pace: { each: 12 } } })).toEqual([
    { op: 'set', at: 'm/pace/each', value: 13 },
  ]);
  expect(stepped(each, -1, plain, { m: { pace: { each: 12 } } })).toEqual([
    { op: 'set', at: 'm/pace/each', value: 11 },
  ]);
});

it('steps through choices and has nothing after the last', () => {
  const option = (label: string, selected: boolean) => ({
    label,
    selected,
    operations: [{ op: 'set', at: 'unit', value: label }],
  });
  const choice = part('unit', [
    { kind: 'choice', label: 'Pieces', options: [option('characters', true), option('words', false)] },
  ]);
  expect(stepped(choice, -1, plain, {})).toEqual([{ op: 'set', at: 'unit', value: 'words' }]);
  expect(stepped(choice, -1, plain, { unit: 'words' })).toBeUndefined();
  expect(stepped(choice, 1, plain, {})).toBeUndefined();
});
