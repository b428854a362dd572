import { expect, it } from 'vitest';
import type { Project } from '../api/client';
import { sharedMoves } from './shared';

it('offers each shared move of a phase once', () => {
  const move = (id: string, shared?: string) => ({ id, shared });
  const project = {
    scenes: [
      {
        id: 's',
        blocks: [
          { id: 'a', arrive: { moves: [move('m1', 'crisp')] }, leave: { moves: [move('m1', 'out')] } },
        ],
      },
      { id: 't', blocks: [{ id: 'b', arrive: { moves: [move('m1'), move('m2', 'crisp')] } }] },
    ],
  } as unknown as Project;
  expect(sharedMoves(project, 'arrive').map((one) => one.shared)).toEqual(['crisp']);
  expect(sharedMoves(project, 'leave').map((one) => one.shared)).toEqual(['out']);
});
