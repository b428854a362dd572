import { expect, it } from 'vitest';
import type { Scene } from '../api/client';
import { filled, newNested } from './nested';
import { applyPatch } from './patch';

const scene = (id: string, blocks: unknown[] = [], rate = 24) =>
  ({
    id,
    name: id.toUpperCase(),
    length: 120,
    rate: { numerator: rate, denominator: 1 },
    blocks,
  }) as unknown as Scene;

it('lasts as long as it does by itself, also at another frame rate', () => {
  const block = newNested(scene('outer', [], 30), scene('title'));
  expect(block.span).toEqual({ start: 0, end: 150 });
  expect(block.name).toBe('TITLE');
  expect(block.fill).toMatchObject({ kind: 'scene', scene: 'title' });
});

it('gets other words where it stands, others again, and its own back', () => {
  type Fill = { changes: Parameters<typeof filled>[0] };
  let fill: Fill = { changes: [] };
  const put = (block: string, path: string[], value: unknown) => {
    fill = applyPatch({ f: fill }, filled(fill.changes, 'f', block, path, value)).document.f;
    return fill.changes!.map((one) => [one.block, one.path.join('/'), one.value]);
  };
  expect(put('a', ['text'], 'x')).toEqual([['a', 'text', 'x']]);
  expect(put('a', ['setting', 'fill'], { kind: 'none' })).toHaveLength(2);
  expect(put('a', ['text'], 'y')[0]).toEqual(['a', 'text', 'y']);
  expect(put('b', ['text'], null)).toHaveLength(2);
  expect(put('a', ['text'], null)).toEqual([['a', 'setting/fill', { kind: 'none' }]]);
});
