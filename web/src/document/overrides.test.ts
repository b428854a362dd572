import { expect, it } from 'vitest';
import shared from '../../../core/src/test/resources/filling-cases.json';
import type { Scene } from '../api/client';
import { overridesOn, shownScene } from './overrides';

const override = (id: string, path: string[], value: unknown) => ({ id, block: 'title', path, value });
const scene = {
  id: 's',
  formats: [
    { id: 'wide', overrides: [] },
    {
      id: 'tall',
      overrides: [
        override('a', ['setting', 'size'], 120),
        override('b', ['setting', 'column'], null),
        override('c', ['arrive', 'moves', 'm1'], { id: 'm1', after: 3 }),
      ],
    },
  ],
  blocks: [
    { id: 'title', setting: { size: 200, column: 6 }, arrive: { moves: [{ id: 'm1', after: 0 }] } },
    { id: 'line' },
  ],
} as unknown as Scene;

it('shows what a format has otherwise, and leaves the scene alone', () => {
  const before = structuredClone(scene);
  const shown = shownScene(scene, 'tall');
  expect(shown.blocks[0]).toEqual({
    id: 'title',
    setting: { size: 120 },
    arrive: { moves: [{ id: 'm1', after: 3 }] },
  });
  expect(shown.blocks[1]).toBe(scene.blocks[1]);
  expect(scene).toEqual(before);
  expect(shownScene(scene, 'wide')).toBe(scene);
});

it('tells what of a format bears on a value', () => {
  const on = (path: string[]) => overridesOn(scene.formats[1]!.overrides, 'title', path).map((one) => one.id);
  expect(on(['setting'])).toEqual(['a', 'b']);
  expect(on(['arrive', 'moves', 'm1', 'after'])).toEqual(['c']);
  expect(on(['place'])).toEqual([]);
});

it.each(shared)('fills as the core does: $what', ({ block, path, value, becomes }) => {
  const overrides = [{ id: 'o', block: block.id, path, value }];
  const own = {
    id: 's',
    formats: [
      { id: 'wide', overrides: [] },
      { id: 'tall', overrides },
    ],
    blocks: [block],
  };
  expect(shownScene(own as unknown as Scene, 'tall').blocks[0]).toEqual(becomes);
});
