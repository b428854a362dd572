import { describe, expect, it } from 'vitest';
import { asBefore } from './asBefore';

describe('asBefore', () => {
  it('gives back the object before when nothing changed', () => {
    const before = { a: [1, { b: null }], c: 'x' };
    expect(asBefore(structuredClone(before), before)).toBe(before);
  });

  it('keeps what did not change beside what did', () => {
    const before = {
      blocks: [
        { id: 'a', at: { x: 1 } },
        { id: 'b', at: { x: 2 } },
      ],
      length: 3,
    };
    const next = structuredClone(before);
    next.blocks[1]!.at.x = 5;
    const shared = asBefore(next, before);
    expect(shared).toEqual({
      blocks: [
        { id: 'a', at: { x: 1 } },
        { id: 'b', at: { x: 5 } },
      ],
      length: 3,
    });
    expect(shared).not.toBe(before);
    expect(shared.blocks[0]).toBe(before.blocks[0]);
    expect(shared.blocks[1]).not.toBe(before.blocks[1]);
  });

  it.each([
    [[1, 2], [1]],
    [[1], [1, 2]],
    [{ a: 1 }, { a: 1, b: 2 }],
    [{ a: undefined }, { b: undefined }],
    [[1], { 0: 1 }],
    [{ 0: 1 }, [1]],
    [null, { a: 1 }],
    [{ a: 1 }, null],
    ['1', 1],
  ])('takes %j instead of %j', (value, before) => {
    const shared = asBefore<unknown>(structuredClone(value), before);
    expect(shared).toEqual(value);
    expect(shared).not.toBe(before);
  });
});
