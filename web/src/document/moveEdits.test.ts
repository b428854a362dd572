import { describe, expect, it } from 'vitest';
import type { Scene } from '../api/client';
import { copiesOf, fits, pasting, soloing, type Move } from './moveEdits';

const move = (id: string, unit = 'character') =>
  ({ id, unit, pace: { held: 'eachApart', each: 12, apart: 3, inAll: 0 }, channels: [] }) as unknown as Move;
const scene = {
  id: 's',
  blocks: [
    { id: 'a', kind: 'text', arrive: { moves: [move('m1'), move('m2')] }, leave: { moves: [] } },
    { id: 'b', kind: 'shape', arrive: { moves: [] }, leave: { moves: [] } },
  ],
} as unknown as Scene;

describe('moves as a whole', () => {
  it('are copied under free ids', () => {
    expect(copiesOf([move('m1'), move('m1')], [move('m1'), move('m3')]).map((one) => one.id)).toEqual([
      'm2',
      'm4',
    ]);
  });

  it('act alone when all others are muted', () => {
    expect(soloing('l', [move('m1'), move('m2')], 1)).toEqual([
      { op: 'set', at: 'l/m1/muted', value: true },
      { op: 'set', at: 'l/m2/muted', value: false },
    ]);
  });

  it('are pasted to many blocks; a shape takes only what moves its whole', () => {
    const copied = { phase: 'arrive' as const, moves: [move('m1'), move('m2', 'whole')] };
    const operations = pasting(scene, ['a', 'b', 'gone'], 'arrive', copied, 'all');
    expect(operations.map((one) => one.at)).toEqual([
      'scenes/s/blocks/a/arrive/moves',
      'scenes/s/blocks/a/arrive/moves',
      'scenes/s/blocks/b/arrive',
    ]);
    expect(operations[2]).toMatchObject({ value: { moves: [{ id: 'm1', unit: 'whole' }] } });
  });

  it('give their pace or their changes to the moves that are there', () => {
    const copied = { phase: 'arrive' as const, moves: [move('m9')] };
    expect(pasting(scene, ['a'], 'arrive', copied, 'pace').map((one) => one.at)).toEqual([
      'scenes/s/blocks/a/arrive/moves/m1/pace',
      'scenes/s/blocks/a/arrive/moves/m1/easing',
      'scenes/s/blocks/a/arrive/moves/m2/pace',
      'scenes/s/blocks/a/arrive/moves/m2/easing',
    ]);
    expect(pasting(scene, ['a'], 'arrive', copied, 'channels')[0]!.at).toContain('/channels');
  });

  it('of a dwell go into dwells only', () => {
    expect(fits({ phase: 'dwell', moves: [] }, 'leave')).toBe(false);
    expect(fits({ phase: 'arrive', moves: [] }, 'leave')).toBe(true);
    expect(fits(null, 'leave')).toBe(false);
  });
});
