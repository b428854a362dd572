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

test('typed words, and changes of nothing that is chosen, are taken by no other', () => {
  useStage.getState().set({ scene: 's', block: 'a' });
  useStage.getState().set({ others: ['b'] });
  expect(
    takeToo([{ op: 'splice', at: 'scenes/s/blocks/a/text', from: 0, length: 0, text: 'x' } as never]),
  ).toEqual([]);
  expect(takeToo([{ op: 'set', at: 'scenes/s/cues/a/at', value: 1 }])).toEqual([]);
  useStage.getState().set({ block: null });
  expect(takeToo([set('null/text')])).toEqual([]);
});
