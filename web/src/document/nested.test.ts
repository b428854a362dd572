import { describe, expect, it } from 'vitest';
import type { Scene } from '../api/client';
import { changed, newNested } from './nested';

const scene = (id: string, blocks: unknown[] = [], rate = 24) =>
  ({
    id,
    name: id.toUpperCase(),
    length: 120,
    rate: { numerator: rate, denominator: 1 },
    blocks,
  }) as unknown as Scene;

describe('nested scenes', () => {
  it('last as long as they do by themselves, also at another frame rate', () => {
    const block = newNested(scene('outer', [], 30), scene('title'));
    expect(block.span).toEqual({ start: 0, end: 150 });
    expect(block.name).toBe('TITLE');
    expect(block.fill).toMatchObject({ kind: 'scene', scene: 'title' });
  });

  it('get other words where they stand, and their own again', () => {
    const fill = { kind: 'scene' as const, scene: 'title', changes: [{ id: 'a', text: 'x' }] };
    expect(changed(fill, 'f', 'a', { colour: '#c8472f' })).toEqual([
      { op: 'set', at: 'f/changes', value: [{ id: 'a', text: 'x', colour: '#c8472f' }] },
    ]);
    expect(changed(fill, 'f', 'b', { text: 'y' })).toEqual([
      {
        op: 'set',
        at: 'f/changes',
        value: [
          { id: 'a', text: 'x' },
          { id: 'b', text: 'y' },
        ],
      },
    ]);
    expect(changed(fill, 'f', 'a', { text: null })).toEqual([{ op: 'set', at: 'f/changes', value: [] }]);
  });
});
