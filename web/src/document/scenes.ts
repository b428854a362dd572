import type { Block, BlockView, Operation, Scene, ShapeBlock } from '../api/client';
import { soundsAfter, soundsFrom } from './sounds';
import { frames, time } from './times';
import { keysOf, timeOf, type Key } from './keying';
import { free, freed, idsOf } from './ids';

const set = (at: string, value: unknown): Operation => ({ op: 'set', at, value });

/** An id that no scene has yet, made of a name. */
export function freeScene(scenes: Scene[], name: string): string {
  const stem =
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 50) || 'scene';
  return freed(stem, new Set(idsOf(scenes)));
}

/** A name that no scene has yet: "Opening 2". */
export function freeName(scenes: Scene[], name: string): string {
  const names = scenes.map((one) => one.name);
  return free(`${name.replace(/ \d+$/, '')} `, names, 2);
}

const insert = (scenes: Scene[], after: Scene, value: Scene): Operation => ({
  op: 'insert',
  at: 'scenes',
  index: scenes.indexOf(after) + 1,
  value,
});

/** An empty scene behind another one, of its rate, formats and background, five seconds long. */
export function sceneAdded(scenes: Scene[], after: Scene): { id: string; operations: Operation[] } {
  const name = scenes.some((one) => one.name === 'Scene') ? freeName(scenes, 'Scene') : 'Scene';
  const id = freeScene(scenes, name);
  const { rate, background } = after;
  const value = {
    id,
    name,
    rate,
    length: Math.round((5 * rate.numerator) / rate.denominator),
    background,
    formats: after.formats.map((format) => ({ ...format, overrides: [] })),
    blocks: [],
  } as Scene;
  return { id, operations: [insert(scenes, after, value)] };
}

export function sceneDuplicated(scenes: Scene[], scene: Scene): { id: string; operations: Operation[] } {
  const name = freeName(scenes, scene.name);
  const id = freeScene(scenes, name);
  return { id, operations: [insert(scenes, scene, { ...scene, id, name })] };
}

/** A block whose keys count from a scene frame that is to be its start, wherever its end and its hold will be. */
function rebased(block: Block, view: BlockView, start: number): Block {
  const counted = <K extends Pick<Key, 'anchor' | 'at'>>(key: K): K => ({
    ...key,
    anchor: 'start' as const,
    at: timeOf(key, view) - start,
  });
  const value = <V>(own: V): V => {
    const keys = keysOf(own);
    return keys ? ({ track: keys.map(counted) } as V) : own;
  };
  const { place } = block;
  const way = place.way && {
    ...place.way,
    stops: place.way.stops.map((stop) =>
      stop.at === undefined || stop.at === null ? stop : counted({ ...stop, at: stop.at }),
    ),
  };
  return {
    ...block,
    opacity: value(block.opacity),
    place: {
      ...place,
      x: value(place.x),
      y: value(place.y),
      rotation: value(place.rotation),
      ...(place.scale === undefined ? {} : { scale: value(place.scale) }),
      ...(way ? { way } : {}),
    },
  };
}

/** A block without one of its phases. Letters that were set apart because a move goes by characters stay apart. */
function without(block: Block, phase: 'arrive' | 'leave'): object {
  const apart = block[phase]?.moves.some((move) => move.unit === 'character');
  const free = block.kind === 'text' && (block.setting.ligatures ?? 'auto') === 'auto';
  return {
    [phase]: { moves: [] },
    ...(apart && free && block.kind === 'text' ? { setting: { ...block.setting, ligatures: 'off' } } : {}),
  };
}

/** The block from a time on as a scene that begins there sees it; null when it is over by then. */
function from(block: Block, view: BlockView, at: number): Block | null {
  if (view.end <= at) return null;
  const carried = view.start < at;
  return {
    ...rebased(block, view, Math.max(view.start, at)),
    span: { start: time(Math.max(0, view.start - at)), end: time(view.end - at) },
    // What was there before has arrived.
    ...(carried ? without(block, 'arrive') : {}),
  } as Block;
}

/** The block until a time; null when it begins later. */
function until(block: Block, view: BlockView, at: number): Block | null {
  if (view.start >= at) return null;
  const cut = view.end > at;
  return {
    ...rebased(block, view, view.start),
    span: { start: time(view.start), end: time(Math.min(at, view.end)) },
    ...(cut ? without(block, 'leave') : {}),
  } as Block;
}

/** Only what a part of the scene has: format overrides and groups of blocks that are there. */
function trimmed(scene: Scene, blocks: Block[]): Scene {
  const ids = new Set(blocks.map((block) => block.id));
  const groups = scene.groups
    ?.map((group) => ({ ...group, blocks: group.blocks.filter((id) => ids.has(id)) }))
    .filter((group) => group.blocks.length > 0);
  return {
    ...scene,
    blocks,
    formats: scene.formats.map((format) => ({
      ...format,
      overrides: format.overrides.filter((override) => ids.has(override.block)),
    })),
    ...(groups ? { groups } : {}),
  };
}

/**
 * Splits a scene in two at a frame. A block that is on there is in both: it leaves the first without its leave and is there
 * at once in the second. Times are as the blocks are on now; nothing hangs on what is in the other scene.
 */
export function sceneSplit(
  scenes: Scene[],
  scene: Scene,
  views: BlockView[],
  at: number,
): { id: string; operations: Operation[] } {
  const view = (block: Block) => views.find((one) => one.id === block.id)!;
  const there = scene.blocks.filter((block) => views.some((one) => one.id === block.id));
  const name = freeName(scenes, scene.name);
  const id = freeScene(scenes, name);
  const first = trimmed(
    scene,
    there.flatMap((block) => until(block, view(block), at) ?? []),
  );
  const second = trimmed(
    scene,
    there.flatMap((block) => from(block, view(block), at) ?? []),
  );
  const cues = scene.cues ?? [];
  const before = { ...first, length: at, cues: cues.filter((cue) => frames(cue.at) < at) };
  const after = {
    ...second,
    id,
    name,
    length: scene.length - at,
    cues: cues
      .filter((cue) => frames(cue.at) >= at)
      .map((cue) => ({ ...cue, at: time(frames(cue.at) - at) })),
    ...(scene.sounds ? { sounds: soundsFrom(scene, at) } : {}),
    ...(scene.beats ? { beats: { ...scene.beats, first: scene.beats.first - at } } : {}),
    ...(scene.camera
      ? { camera: { ...scene.camera, keys: scene.camera.keys.map((key) => ({ ...key, at: key.at - at })) } }
      : {}),
  };
  return { id, operations: [set(`scenes/${scene.id}`, before), insert(scenes, scene, after)] };
}

/** Why two scenes cannot be joined; nothing when they can. */
export function joinRefused(scene: Scene, next: Scene | undefined): string {
  if (!next) return 'There is no scene after this one.';
  const base = (one: Scene) => `${one.formats[0]!.width} × ${one.formats[0]!.height}`;
  if (scene.rate.numerator * next.rate.denominator !== next.rate.numerator * scene.rate.denominator)
    return `“${next.name}” has another frame rate.`;
  if (base(scene) !== base(next)) return `“${next.name}” is ${base(next)} px, this scene ${base(scene)} px.`;
  if (scene.camera || next.camera) return 'A scene whose camera moves cannot be joined with another.';
  return '';
}

/** Puts the next scene’s blocks behind this one’s in time. Another background becomes a rectangle behind them. */
export function scenesJoined(scene: Scene, next: Scene, views: BlockView[]): Operation[] {
  const taken = new Set(scene.blocks.map((block) => block.id));
  const names = new Map<string, string>();
  for (const { id } of next.blocks) {
    const own = freed(id, taken);
    taken.add(own);
    names.set(id, own);
  }
  const by = scene.length;
  const renamed = (value: unknown): unknown =>
    JSON.parse(JSON.stringify(value), (key, part: unknown) =>
      (key === 'to' || key === 'block' || key === 'behind') && typeof part === 'string'
        ? (names.get(part) ?? part)
        : (key === 'behind' || key === 'blocks') && Array.isArray(part)
          ? part.map((id) => (typeof id === 'string' ? (names.get(id) ?? id) : (id as unknown)))
          : part,
    );
  const blocks = next.blocks.map((block) => {
    const seen = views.find((one) => one.id === block.id);
    const start = (seen?.start ?? frames(block.span.start)) + by;
    const end = (seen?.end ?? frames(block.span.end)) + by;
    const own = renamed(block) as Block;
    return { ...own, id: names.get(block.id)!, span: { start: time(start), end: time(end) } } as Block;
  });
  const behind: ShapeBlock[] =
    next.background && JSON.stringify(next.background) !== JSON.stringify(scene.background)
      ? [ground(next, by, taken)]
      : [];
  const formats = scene.formats.map((format) => {
    const other = next.formats.find((one) => one.id === format.id);
    const more = (other?.overrides ?? []).map((override) => {
      const block = names.get(override.block) ?? override.block;
      return { ...override, block, id: [block, ...override.path].join('.').slice(-64) };
    });
    return { ...format, overrides: [...format.overrides, ...more] };
  });
  const cues = new Set(scene.cues?.map((cue) => cue.id));
  const more = (next.cues ?? []).map((cue) => {
    const id = freed(cue.id, cues);
    cues.add(id);
    return { ...cue, id, at: time(frames(cue.at) + by) };
  });
  const groupIds = new Set(idsOf(scene.groups));
  const groups = (next.groups ?? []).map((group) => ({
    ...group,
    id: freed(group.id, groupIds),
    blocks: group.blocks.map((id) => names.get(id) ?? id),
  }));
  return [
    set(`scenes/${scene.id}`, {
      ...scene,
      length: scene.length + next.length,
      blocks: [...scene.blocks, ...behind, ...blocks],
      formats,
      cues: [...(scene.cues ?? []), ...more],
      groups: [...(scene.groups ?? []), ...groups],
      sounds: [...(scene.sounds ?? []), ...soundsAfter(scene, next)],
    }),
    { op: 'remove', at: `scenes/${next.id}` },
  ];
}

function ground(next: Scene, by: number, taken: Set<string>): ShapeBlock {
  const id = freed('ground', taken);
  const whole = { value: 100, unit: 'frame' as const };
  const corner = { value: 0, unit: 'frame' as const };
  return {
    kind: 'shape',
    id,
    name: `Behind ${next.name}`,
    span: { start: by, end: by + next.length },
    place: { x: corner, y: corner, rotation: 0, pivot: { across: 'left', down: 'top', box: 'metric' } },
    opacity: 1,
    hidden: false,
    arrive: { moves: [] },
    leave: { moves: [] },
    shape: { kind: 'rectangle', width: whole, height: whole, radius: 0 },
    fill: next.background,
  } as ShapeBlock;
}
