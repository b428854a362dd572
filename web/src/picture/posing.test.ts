import { expect, it } from 'vitest';
import { applyPatch } from '../document/patch';
import { ghostOf, posed, poseOf, type Move } from './posing';
import type { Block } from '../api/client';

const move = {
  id: 'm1',
  unit: 'word',
  hidden: true,
  pace: { held: 'eachApart', each: 12, apart: 3 },
  channels: [
    {
      id: 'c1',
      property: 'offsetY',
      unit: 'em',
      keys: [
        { id: 'k0', at: 0, value: 0.5 },
        { id: 'k1', at: 1, value: 0 },
      ],
    },
    {
      id: 'c2',
      property: 'opacity',
      keys: [
        { id: 'k0', at: 0, value: 0 },
        { id: 'k1', at: 1, value: 1 },
      ],
    },
  ],
} as unknown as Move;

const by = { em: 200, line: 240, width: 1920, height: 1080 };

it('a pose is read in px and written back in the unit of its channel', () => {
  expect(poseOf(move, by)).toEqual({ x: 0, y: 100, turn: 0, scale: 1 });
  const { document: after } = applyPatch(
    { m: move },
    posed(move, { x: -40, y: 60, turn: 12, scale: 1 }, by, 'm'),
  );
  expect(after.m.channels?.[0]?.keys[0]?.value).toBe(0.3);
  expect(after.m.channels?.slice(2).map((one) => [one.property, one.unit, one.keys[0]?.value])).toEqual([
    ['offsetX', 'em', -0.2],
    ['rotation', undefined, 12],
  ]);
  expect(poseOf(after.m, by)).toEqual({ x: -40, y: 60, turn: 12, scale: 1 });
});

it('a ghost hides nothing and has all its pieces away', () => {
  const ghost = ghostOf({ id: 'b', kind: 'text' } as Block, move);
  expect(ghost.arrive?.moves[0]).toMatchObject({ hidden: false, channels: [{ property: 'offsetY' }] });
  expect(ghost.leave?.moves).toEqual([]);
});

it.each([
  ['frame', 'offsetX', 50, 960],
  ['frame', 'offsetY', 50, 540],
  ['line', 'offsetY', 50, 120],
  ['px', 'offsetX', 30, 30],
] as const)('%s of %s: %d is %d px and stays in its unit', (unit, property, value, px) => {
  const own = {
    ...move,
    channels: [
      {
        id: 'c1',
        property,
        unit,
        keys: [
          { id: 'k0', at: 0, value },
          { id: 'k1', at: 1, value: 0 },
        ],
      },
    ],
  } as unknown as Move;
  const axis = property === 'offsetX' ? 'x' : 'y';
  const pose = poseOf(own, by);
  expect(pose[axis]).toBe(px);
  const { document: after } = applyPatch({ m: own }, posed(own, { ...pose, [axis]: 2 * px }, by, 'm'));
  expect(after.m.channels?.[0]).toMatchObject({ unit, keys: [{ value: 2 * value }, { value: 0 }] });
});

it('a ghost of written letters is not written', () => {
  const written = { ...move, channels: [{ id: 'c', property: 'write', keys: [] }] } as unknown as Move;
  expect(ghostOf({ id: 'b' } as Block, written).arrive?.moves[0]?.channels).toEqual([]);
});
