import { describe, expect, it } from 'vitest';
import type { Block } from '../api/client';
import { filed, found, MOVES, STYLES, taken, usable, type Offer } from './library';

const rise: Offer = {
  id: 'Rise softly',
  name: 'Rise softly',
  note: '',
  feel: 'quiet',
  phase: 'ARRIVE',
  sentences: ['characters rise 0.35 em and fade in'],
  moves: [{ id: 'm1', unit: 'character' }],
};
const slam: Offer = {
  ...rise,
  id: 'Slam',
  name: 'Slam',
  sentences: ['the whole shrinks'],
  moves: [{ id: 'm1', unit: 'whole' }],
};
const words = {
  kind: 'text',
  id: 'title',
  arrive: { moves: [{ id: 'm1' }] },
  leave: { moves: [] },
  setting: { size: 100, column: { value: 300, unit: 'px' }, path: { kind: 'arc' } },
} as unknown as Block;

describe('ready-made moves', () => {
  it('are found by any words of their names and sentences', () => {
    expect(found([rise, slam], 'fade ris')).toEqual([rise]);
    expect(found([rise, slam], 'whole')).toEqual([slam]);
    expect(found([rise, slam], '')).toHaveLength(2);
  });

  it('that split words are not offered for shapes', () => {
    expect(usable([rise, slam], { ...words, kind: 'shape' } as Block)).toEqual([slam]);
    expect(usable([rise, slam], words)).toHaveLength(2);
  });

  it('go into a file, and files of other kinds or newer versions are refused', async () => {
    expect(JSON.parse(filed(MOVES, [rise]))).toMatchObject({
      knollwindMoves: 1,
      moves: [{ name: 'Rise softly' }],
    });
    await expect(taken(MOVES, 'no', [])).rejects.toThrow('not JSON');
    await expect(taken(STYLES, '{}', [])).rejects.toThrow('no file of styles');
    await expect(taken(MOVES, '{"knollwindMoves": 2, "moves": []}', [])).rejects.toThrow('newer version');
  });
});
