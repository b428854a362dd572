import type { Block, Operation } from '../api/client';
import { free } from '../document/ids';

export type Move = NonNullable<Block['arrive']>['moves'][number];
type Channel = NonNullable<Move['channels']>[number];
type Property = Channel['property'];

/** Where a ghost is away from rest: px of the base frame, degrees clockwise, a factor. */
export interface Pose {
  x: number;
  y: number;
  turn: number;
  scale: number;
}

const away = (move: Move, property: Property) =>
  move.channels?.find((channel) => channel.property === property)?.keys[0]?.value;

/** What lengths of a block are measured by, px of the base frame. */
export interface Measures {
  em: number;
  line: number;
  width: number;
  height: number;
}

/** px of the base frame for one of a channel's unit; a channel that is not there yet is told in ems. */
function pixelsOf(channel: Channel | undefined, property: Property, { em, line, width, height }: Measures) {
  switch (channel?.unit) {
    case 'px':
      return 1;
    case 'line':
      return line / 100;
    case 'frame':
      return (property === 'offsetX' ? width : height) / 100;
    default:
      return em;
  }
}

/** The pose that a move comes from or goes to. */
export function poseOf(move: Move, measures: Measures): Pose {
  const of = (property: Property) => move.channels?.find((channel) => channel.property === property);
  return {
    x: (away(move, 'offsetX') ?? 0) * pixelsOf(of('offsetX'), 'offsetX', measures),
    y: (away(move, 'offsetY') ?? 0) * pixelsOf(of('offsetY'), 'offsetY', measures),
    turn: away(move, 'rotation') ?? 0,
    scale: away(move, 'scale') ?? 1,
  };
}

/** What makes a move come from this pose. Channels that are not there yet are made, those that would do nothing are not. */
export function posed(move: Move, pose: Pose, measures: Measures, at: string): Operation[] {
  const ids = new Set(move.channels?.map((channel) => channel.id));
  const fresh = () => {
    const id = free('c', ids);
    ids.add(id);
    return id;
  };
  const put = (property: Property, value: number, rest: number, length: boolean): Operation[] => {
    const there = move.channels?.find((channel) => channel.property === property);
    if (!there && value === rest) return [];
    if (there) {
      const stored = length ? value / pixelsOf(there, property, measures) : value;
      return [
        { op: 'set', at: `${at}/channels/${there.id}/keys/${there.keys[0]!.id}/value`, value: round(stored) },
      ];
    }
    const channel = {
      id: fresh(),
      property,
      ...(length ? { unit: 'em' } : {}),
      keys: [
        { id: 'k0', at: 0, value: round(length ? value / measures.em : value), easing: 'linear' },
        { id: 'k1', at: 1, value: rest, easing: 'linear' },
      ],
    };
    return [{ op: 'insert', at: `${at}/channels`, index: 1000, value: channel }];
  };
  return [
    ...put('offsetX', pose.x, 0, true),
    ...put('offsetY', pose.y, 0, true),
    ...put('rotation', pose.turn, 0, false),
    ...put('scale', pose.scale, 1, false),
  ];
}

const round = (value: number) => Number(value.toFixed(2)) + 0;

/** The block as its ghost: all pieces away at once, and nothing that hides them. */
export function ghostOf(block: Block, move: Move): Block {
  const channels = (move.channels ?? []).filter(
    (channel) => !['opacity', 'reveal', 'draw', 'write', 'blur', 'blurX', 'blurY'].includes(channel.property),
  );
  const shown = {
    ...move,
    id: 'm1',
    channels,
    hidden: false,
    muted: false,
    after: 0,
    reveal: undefined,
    cycle: undefined,
    cut: undefined,
    lead: undefined,
    pace: { held: 'eachApart' as const, each: 20, apart: 0, inAll: 0 },
  };
  return {
    ...block,
    span: { start: 0, end: 40 },
    arrive: { moves: [shown] },
    dwell: { moves: [] },
    leave: { moves: [] },
  } as Block;
}
