import { afterEach, expect, test } from 'vitest';
import type { Operation } from '../api/client';
import { useStage } from './stage';
import { takeToo } from './together';

const set = (at: string): Operation => ({ op: 'set', at: `scenes/s/blocks/${at}`, value: 1 });

afterEach(() => useStage.getState().set({ block: null }));

test('blocks chosen beside another take its changes too', () => {
  useStage.getState().set({ scene: 's', block: 'a' });
  expect(takeToo([set('a/setting/size')])).toEqual([]);
  useStage.getState().set({ others: ['b', 'c'] });
  expect(takeToo([set('a/setting/size'), set('a/arrive/moves/m1/pace')])).toEqual(['b', 'c']);
  expect(takeToo([set('b/setting/size')])).toEqual([]);
  expect(takeToo([set('a/setting/size'), set('b/setting/size')])).toEqual([]);
});

test('what is a block’s own is not given to others', () => {
  useStage.getState().set({ scene: 's', block: 'a' });
  useStage.getState().set({ others: ['b'] });
  for (const own of ['text', 'span/start', 'name', 'place/x', 'place/y', 'hidden'])
    expect(takeToo([set(`a/${own}`)])).toEqual([]);
  expect(takeToo([set('a/place/rotation')])).toEqual(['b']);
});
