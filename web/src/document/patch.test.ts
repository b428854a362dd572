import { describe, expect, it } from 'vitest';
import type { Operation } from '../api/client';
import shared from '../../../core/src/test/resources/patch-cases.json';
import { applyPatch, cleanText, spliceBetween } from './patch';

const document = () => ({
  name: 'Ferry',
  scenes: [
    { id: 'a', text: 'LAST BOAT', runs: [{ id: 'r', from: 5, to: 9 }], size: 12 },
    { id: 'b', text: '', runs: [] },
  ],
});

describe('applyPatch', () => {
  it('shares with the document before what does not change', () => {
    const before = document();
    const { document: after } = applyPatch(before, [{ op: 'set', at: 'scenes/a/size', value: 14 }]);
    expect(after.scenes[1]).toBe(before.scenes[1]);
    expect(after.scenes[0]?.runs).toBe(before.scenes[0]?.runs);
    expect(after.scenes[0]).not.toBe(before.scenes[0]);
  });

  // The same cases that the core's patches are held to.
  it.each(shared.changes)('$name, and its inverse takes it back', ({ operations, after: wanted }) => {
    const before = structuredClone(shared.document);
    const { document: after, inverse } = applyPatch<unknown>(before, operations as Operation[]);
    expect(before).toEqual(shared.document);
    expect(after).toEqual(wanted);
    expect(applyPatch(after, inverse).document).toEqual(before);
  });

  it.each(shared.refused)('$name is refused', ({ operations }) => {
    expect(() => applyPatch<unknown>(shared.document, operations as Operation[])).toThrow();
  });

  it('moves runs with the words', () => {
    const { document: after } = applyPatch(document(), [
      { op: 'splice', at: 'scenes/a/text', from: 0, removed: 4, inserted: 'FIRST' },
    ]);
    expect(after.scenes[0]?.runs).toEqual([{ id: 'r', from: 6, to: 10 }]);
  });

  it('moves what characters do on their own with the words, and back', () => {
    const own = [{ id: 'o1', from: 5, to: 6 }];
    const before = { id: 'b', text: 'LAST BOAT', arrive: { moves: [{ id: 'm1', own }] } };
    const { document: after, inverse } = applyPatch({ blocks: [before] }, [
      { op: 'splice', at: 'blocks/b/text', from: 0, removed: 4, inserted: 'FIRST' },
    ]);
    expect(after.blocks[0]?.arrive.moves[0]?.own).toEqual([{ id: 'o1', from: 6, to: 7 }]);
    expect(applyPatch(after, inverse).document).toEqual({ blocks: [before] });
  });

  it('says what is not there', () => {
    expect(() => applyPatch(document(), [{ op: 'set', at: 'scenes/z/size', value: 1 }])).toThrow(
      "no element 'z'",
    );
  });
});

describe('spliceBetween', () => {
  it.each([
    ['LAST BOAT', 'LAST BOATS', { from: 9, removed: 0, inserted: 'S' }],
    ['LAST BOAT', 'LASTBOAT', { from: 4, removed: 1, inserted: '' }],
    ['aa', 'aaa', { from: 2, removed: 0, inserted: 'a' }],
    ['', 'x', { from: 0, removed: 0, inserted: 'x' }],
    // Both begin with the same half of a pair; a pair is never cut.
    ['\ud83d\udea2', '\ud83d\udea4', { from: 0, removed: 2, inserted: '\ud83d\udea4' }],
  ])('%j to %j', (before, after, splice) => {
    expect(spliceBetween(before, after)).toEqual(splice);
  });
});

it('makes pasted text fit', () => {
  expect(cleanText('a\r\nb\rc\u2028d\te\u0007\u0000')).toBe('a\nb\nc\nd\te');
});

it('finds elements of long lists wherever they have gone', () => {
  const list = Array.from({ length: 40 }, (_, i) => ({ id: `k${i}`, at: i }));
  const operations: Operation[] = [
    { op: 'set', at: 'list/k30/at', value: 300 },
    { op: 'remove', at: 'list/k3' },
    { op: 'set', at: 'list/k30/at', value: 301 },
    { op: 'insert', at: 'list', index: 0, value: { id: 'new', at: -1 } },
    { op: 'reorder', at: 'list/k39', index: 0 },
    { op: 'set', at: 'list/k39/at', value: 390 },
    { op: 'set', at: 'list/k30/at', value: 302 },
  ];
  const { document, inverse } = applyPatch({ list }, operations);
  expect(document.list.find((one) => one.id === 'k30')!.at).toBe(302);
  expect(document.list[0]).toEqual({ id: 'k39', at: 390 });
  expect(() => applyPatch(document, [{ op: 'remove', at: 'list/k3' }])).toThrow("no element 'k3'");
  expect(applyPatch(document, inverse).document.list).toEqual(list);
});
