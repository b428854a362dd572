import { describe, expect, it } from 'vitest';
import type { BlockView, Scene } from '../api/client';
import { applyPatch } from './patch';
import { joinRefused, sceneAdded, sceneDuplicated, sceneSplit, scenesJoined } from './scenes';

const block = (id: string, start: number, end: number, more = {}) => ({
  id,
  name: id,
  kind: 'text',
  setting: {},
  place: {
    x: 0,
    y: 0,
    rotation: {
      track: [
        { id: 'k1', at: 5, value: 1 },
        { id: 'k2', anchor: 'end', at: 10, value: 2 },
      ],
    },
  },
  span: { start, end },
  arrive: { moves: [{ id: 'm1', unit: 'character' }] },
  leave: { moves: [{ id: 'm2' }] },
  ...more,
});
const scene = (id: string, blocks: object[], more = {}) =>
  ({
    id,
    name: id,
    rate: { numerator: 24, denominator: 1 },
    length: 100,
    background: { kind: 'solid', colour: '#000000' },
    formats: [{ id: 'wide', name: '16:9', width: 1920, height: 1080, overrides: [] }],
    blocks,
    ...more,
  }) as unknown as Scene;
const turned = (one: Scene, index: number) =>
  (one.blocks[index]!.place as { rotation: { track: { at: number }[] } }).rotation.track.map((key) => key.at);
const views = (one: Scene) =>
  one.blocks.map(({ id, span }) => ({ id, start: span.start, end: span.end })) as unknown as BlockView[];
const after = (scenes: Scene[], operations: ReturnType<typeof scenesJoined>) =>
  applyPatch({ scenes }, operations).document.scenes;

it('adds and duplicates behind the open one, under names that are free', () => {
  const scenes = [scene('opening', [block('a', 0, 10)]), scene('end', [])];
  const added = sceneAdded(scenes, scenes[0]!);
  expect(after(scenes, added.operations).map((one) => one.name)).toEqual(['opening', 'Scene', 'end']);
  expect(after(scenes, added.operations)[1]).toMatchObject({ id: 'scene', length: 120, blocks: [] });
  const copy = sceneDuplicated(scenes, scenes[0]!);
  expect(after(scenes, copy.operations)[1]).toMatchObject({ id: 'opening-2', name: 'opening 2' });
});

describe('splitting', () => {
  const whole = scene('s', [block('a', 0, 30), block('b', 20, 80), block('c', 60, 100)], {
    cues: [
      { id: 'one', name: 'One', at: 10 },
      { id: 'two', name: 'Two', at: 70 },
    ],
    beats: { perMinute: 96, first: 0, perBar: 4 },
  });
  const [first, second] = after([whole], sceneSplit([whole], whole, views(whole), 50).operations);
  it('gives each part its blocks, cues and length', () => {
    expect(first!.blocks.map((one) => one.id)).toEqual(['a', 'b']);
    expect(second!.blocks.map((one) => one.id)).toEqual(['b', 'c']);
    expect([first!.length, second!.length]).toEqual([50, 50]);
    expect(first!.cues?.map((cue) => cue.at)).toEqual([10]);
    expect(second!.cues?.map((cue) => cue.at)).toEqual([20]);
    expect(second!.beats?.first).toBe(-50);
  });
  it('cuts what is on there: no leave in the first, no arrive in the second', () => {
    expect(first!.blocks[1]).toMatchObject({ span: { start: 20, end: 50 }, leave: { moves: [] } });
    expect(second!.blocks[0]).toMatchObject({ span: { start: 0, end: 30 }, arrive: { moves: [] } });
    expect(second!.blocks[0]!.leave?.moves).toHaveLength(1);
    // Keys stay where they were in time, those before the cut too.
    expect(turned(first!, 1)).toEqual([5, 50]);
    expect(turned(second!, 0)).toEqual([-25, 20]);
    // Letters that were set apart stay apart.
    expect(second!.blocks[0]).toMatchObject({ setting: { ligatures: 'off' } });
    expect(second!.blocks[1]).toMatchObject({ span: { start: 10, end: 50 } });
  });
});

describe('joining', () => {
  it('puts the next behind this one, with free ids that its links follow', () => {
    const one = scene('one', [block('a', 0, 100)], { cues: [{ id: 'horn', name: 'Horn', at: 5 }] });
    const two = scene('two', [block('a', 10, 40), block('p', 10, 40, { place: { attach: { to: 'a' } } })], {
      background: { kind: 'solid', colour: '#ffffff' },
      cues: [{ id: 'horn', name: 'Horn', at: 7 }],
    });
    const [joined, ...rest] = after([one, two], scenesJoined(one, two, views(two)));
    expect(rest).toEqual([]);
    expect(joined!.length).toBe(200);
    expect(joined!.blocks.map((block) => block.id)).toEqual(['a', 'ground', 'a-2', 'p']);
    expect(joined!.blocks[1]).toMatchObject({ span: { start: 100, end: 200 }, fill: { colour: '#ffffff' } });
    expect(joined!.blocks[3]).toMatchObject({
      span: { start: 110, end: 140 },
      place: { attach: { to: 'a-2' } },
    });
    expect(joined!.cues).toMatchObject([
      { id: 'horn', at: 5 },
      { id: 'horn-2', at: 107 },
    ]);
  });
  it('says why two do not go together', () => {
    const slow = scene('slow', [], { rate: { numerator: 25, denominator: 1 } });
    const small = scene('small', [], { formats: [{ id: 'wide', width: 640, height: 360, overrides: [] }] });
    expect(joinRefused(scene('a', []), slow)).toContain('another frame rate');
    expect(joinRefused(scene('a', []), small)).toContain('640 × 360');
    expect(joinRefused(scene('a', []), undefined)).toContain('no scene after');
    expect(joinRefused(scene('a', []), scene('b', []))).toBe('');
  });
});
