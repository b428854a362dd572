import { describe, expect, it } from 'vitest';
import type { Block, BlockView, Scene } from '../api/client';
import { applyPatch } from './patch';
import { arrangements, copied, ended, hung, moved, started, trailed, unitShifted, withGroup } from './times';

const block = (id: string, span: object) =>
  ({
    id,
    span,
    arrive: { moves: [{ id: 'm1', own: [{ id: 'o1', from: 4, to: 5, shift: 2 }] }] },
  }) as unknown as Block;
const view = (id: string, start: number, end: number) => ({ id, start, end }) as BlockView;
const scene = (...blocks: Block[]) => ({ id: 's', blocks }) as unknown as Scene;
const after = (all: Scene, operations: ReturnType<typeof moved>) =>
  applyPatch({ scenes: [all] }, operations).document.scenes[0]!;

describe('moving in time', () => {
  const plain = block('a', { start: 10, end: 30 });
  const held = block('b', { start: 10, end: 30, startsAt: { cue: 'horn', offset: 4 } });
  const both = block('c', {
    start: 10,
    end: 30,
    landsAt: { cue: 'horn', offset: 0 },
    endsAt: { block: 'a', edge: 'end', offset: -2 },
  });
  it('takes both ends along, and stops at the scene’s first frame', () => {
    expect(after(scene(plain), moved(scene(plain), plain, 7)).blocks[0]!.span).toEqual({
      start: 17,
      end: 37,
    });
    expect(after(scene(plain), moved(scene(plain), plain, -15)).blocks[0]!.span).toEqual({
      start: 0,
      end: 20,
    });
  });
  it('keeps what hangs hanging', () => {
    expect(after(scene(held), moved(scene(held), held, 7)).blocks[0]!.span).toEqual({
      start: 10,
      end: 30,
      startsAt: { cue: 'horn', offset: 11 },
    });
    const span = after(scene(both), moved(scene(both), both, -3)).blocks[0]!.span;
    expect(span.landsAt?.offset).toBe(-3);
    expect(span.endsAt?.offset).toBe(-5);
  });
  it('moves one end alone, whether it hangs or not', () => {
    const seen = view('b', 104, 124);
    const begun = after(scene(held), started(scene(held), held, seen, 110)).blocks[0]!.span;
    expect(begun).toMatchObject({ end: 24, startsAt: { offset: 10 } });
    expect(after(scene(held), ended(scene(held), held, seen, 130)).blocks[0]!.span).toMatchObject({
      end: 36,
    });
    expect(ended(scene(plain), plain, view('a', 10, 30), 2)[0]).toMatchObject({ value: 11 });
    expect(started(scene(plain), plain, view('a', 10, 30), 99)[0]).toMatchObject({ value: 29 });
  });
  it('hangs one end instead of the moment inside it', () => {
    const span = after(scene(both), hung(scene(both), both, 'start', { block: 'x', edge: 'landed' }))
      .blocks[0]!.span;
    expect(span.landsAt).toBeUndefined();
    expect(span.startsAt).toEqual({ block: 'x', edge: 'landed', offset: 0 });
  });
});

describe('several blocks', () => {
  const placed = (...times: [number, number][]) =>
    times.map(([start, end], i) => ({ block: block(`b${i}`, {}), view: view(`b${i}`, start, end) }));
  it('aligns, spaces, trails and reverses', () => {
    const all = placed([10, 30], [50, 60], [16, 40]);
    expect(arrangements['align starts'](all)).toEqual([0, -40, -6]);
    expect(arrangements['align ends'](all)).toEqual([30, 0, 20]);
    expect(arrangements['space evenly'](all)).toEqual([0, 0, 14]);
    expect(arrangements.reverse(all)).toEqual([30, -40, 14]);
    expect(trailed(all, 6)).toEqual([0, -34, 6]);
  });
  it('goes with its group unless that is opened', () => {
    const grouped = {
      ...scene(block('a', {}), block('b', {}), block('c', {})),
      groups: [{ id: 'g', name: 'Stops', blocks: ['a', 'c', 'gone'] }],
    } as unknown as Scene;
    expect(withGroup(grouped, ['a'], [])).toEqual(['a', 'c']);
    expect(withGroup(grouped, ['a'], ['g'])).toEqual(['a']);
  });
  it('copies under a free id', () => {
    const own = block('title', { start: 10, end: 30 });
    const made = after(scene(own), copied(scene(own), own, 20, new Set(['title', 'title-2'])));
    expect(made.blocks[1]).toMatchObject({ id: 'title-3', span: { start: 30, end: 50 } });
  });
});

it('shifts a piece that goes its own way already, and one that does not', () => {
  const own = block('a', {});
  expect(unitShifted(scene(own), own, 'arrive', 'm1', { from: 4, to: 5 }, 3)[0]).toMatchObject({ value: 5 });
  expect(unitShifted(scene(own), own, 'arrive', 'm1', { from: 0, to: 1 }, -2)[0]).toMatchObject({
    op: 'insert',
    value: { id: 'o2', from: 0, to: 1, shift: -2 },
  });
});
