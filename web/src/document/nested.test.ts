import { expect, it } from 'vitest';
import type { Scene } from '../api/client';
import { newNested } from './nested';

const scene = (id: string, rate = 24) =>
  ({
    id,
    name: id.toUpperCase(),
    length: 120,
    rate: { numerator: rate, denominator: 1 },
    blocks: [],
  }) as unknown as Scene;

it('lasts as long as it does by itself, also at another frame rate', () => {
  const block = newNested(scene('outer', 30), scene('title'));
  expect(block.span).toEqual({ start: 0, end: 150 });
  expect(block.name).toBe('TITLE');
  expect(block.fill).toMatchObject({ kind: 'scene', scene: 'title' });
});
