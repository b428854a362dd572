import { expect, it } from 'vitest';
import type { Project } from '../api/client';
import { again } from './again';

const project = {
  scenes: [
    {
      id: 's',
      blocks: [
        { id: 'a', hidden: false, arrive: { moves: [{ id: 'm1', easing: 'x', channels: [] }] } },
        { id: 'b', hidden: false, arrive: { moves: [{ id: 'm7', easing: 'x', channels: [{ id: 'c1' }] }] } },
        { id: 'c', hidden: false, arrive: { moves: [] } },
      ],
    },
  ],
} as unknown as Project;
const at = (id: string) => `scenes/s/blocks/${id}`;

it('does to the move of the same place what was done last', () => {
  const last = [{ op: 'set' as const, at: `${at('a')}/arrive/moves/m1/easing`, value: 'ease-in' }];
  expect(again(project, last, ['a', 'b', 'c'])).toEqual([
    { op: 'set', at: `${at('b')}/arrive/moves/m7/easing`, value: 'ease-in' },
  ]);
});

it('gives what is inserted a free id', () => {
  const last = [
    { op: 'insert' as const, at: `${at('a')}/arrive/moves/m1/channels`, index: 9, value: { id: 'c1' } },
  ];
  expect(again(project, last, ['b'])).toMatchObject([{ value: { id: 'c2' } }]);
});

it('words and changes of several blocks are not repeated', () => {
  const hide = (id: string) => ({ op: 'set' as const, at: `${at(id)}/hidden`, value: true });
  expect(again(project, [hide('a'), hide('b')], ['c'])).toEqual([]);
  expect(
    again(project, [{ op: 'splice', at: `${at('a')}/text`, from: 0, removed: 0, inserted: 'x' }], ['b']),
  ).toEqual([]);
  expect(again(project, [hide('a')], ['b', 'c'])).toHaveLength(2);
});
