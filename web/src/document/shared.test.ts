import { expect, it } from 'vitest';
import type { Project } from '../api/client';
import { applyPatch } from './patch';
import { followed, sharedMoves } from './shared';

const move = (id: string, shared?: string) => ({
  id,
  shared,
  easing: 'linear',
  own: [{ id: `o-${id}` }],
  channels: [{ id: 'c1' }],
});
const project = () =>
  ({
    scenes: [
      {
        id: 's',
        blocks: [
          { id: 'a', arrive: { moves: [move('m1', 'crisp')] }, leave: { moves: [move('m1', 'crisp')] } },
          { id: 'b', arrive: { moves: [move('m1'), move('m2', 'crisp')] } },
        ],
      },
    ],
  }) as unknown as Project;
const A = 'scenes/s/blocks/a/arrive/moves/m1';
const B = 'scenes/s/blocks/b/arrive/moves/m2';

it('a change of a shared move is made to all of its name in the same phase', () => {
  const made = followed(project(), [{ op: 'set', at: `${A}/easing`, value: 'ease-out' }]);
  expect(made.map((one) => one.at)).toEqual([`${A}/easing`, `${B}/easing`]);
  const removed = followed(project(), [{ op: 'remove', at: `${B}/channels/c1` }]);
  expect(removed.map((one) => one.at)).toEqual([`${B}/channels/c1`, `${A}/channels/c1`]);
});

it('a move that is typed anew keeps the id and the own ways of each', () => {
  const typed = followed(project(), [{ op: 'set', at: A, value: { ...move('m1', 'crisp'), easing: 'x' } }]);
  const after = applyPatch(project(), typed).document as unknown as {
    scenes: { blocks: { arrive: { moves: Record<string, unknown>[] } }[] }[];
  };
  expect(after.scenes[0]!.blocks[1]!.arrive.moves[1]).toMatchObject({
    id: 'm2',
    easing: 'x',
    own: [{ id: 'o-m2' }],
  });
});

it('detaching, muting and what is not shared stay alone', () => {
  for (const at of [
    `${A}/shared`,
    `${A}/muted`,
    `${A}/own/o-m1/shift`,
    'scenes/s/blocks/b/arrive/moves/m1/easing',
  ])
    expect(followed(project(), [{ op: 'set', at, value: 1 }])).toHaveLength(1);
  expect(sharedMoves(project(), 'arrive').map((one) => one.shared)).toEqual(['crisp']);
});
