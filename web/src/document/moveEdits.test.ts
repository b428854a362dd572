import { describe, expect, it } from 'vitest';
import type { Move } from './copied';
import { fits, soloing } from './moveEdits';

const move = (id: string, unit = 'character') =>
  ({ id, unit, pace: { held: 'eachApart', each: 12, apart: 3, inAll: 0 }, channels: [] }) as unknown as Move;

describe('moves as a whole', () => {
  it('act alone when all others are muted', () => {
    expect(soloing('l', [move('m1'), move('m2')], 'm2')).toEqual([
      { op: 'set', at: 'l/m1/muted', value: true },
      { op: 'set', at: 'l/m2/muted', value: false },
    ]);
  });

  it('of a dwell go into dwells only', () => {
    expect(fits({ phase: 'dwell', moves: [] }, 'leave')).toBe(false);
    expect(fits({ phase: 'arrive', moves: [] }, 'leave')).toBe(true);
    expect(fits(null, 'leave')).toBe(false);
  });
});
