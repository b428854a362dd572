import { describe, expect, it } from 'vitest';
import type { Operation, Scene } from '../api/client';
import { overridesOn, routed, shownScene } from './overrides';
import { applyPatch } from './patch';

const scene = {
  id: 's',
  formats: [
    { id: 'wide', name: '16:9', width: 1920, height: 1080, overrides: [] },
    { id: 'tall', name: '9:16', width: 1080, height: 1920, overrides: [] },
  ],
  blocks: [
    {
      kind: 'text',
      id: 'title',
      text: 'HOME',
      setting: { size: 200, column: { value: 60, unit: 'frame' } },
      arrive: { moves: [{ id: 'm1', after: 0 }] },
    },
  ],
} as unknown as Scene;

const path = 'scenes/s/blocks/title';

function edited(start: Scene, ...operations: Operation[]): Scene {
  return applyPatch({ scenes: [start] }, routed(start, 'tall', operations)).document.scenes[0]!;
}

const title = (of: Scene) =>
  shownScene(of, 'tall').blocks[0] as unknown as {
    text: string;
    setting: { size: number; column?: unknown };
    arrive: { moves: { id: string; after: number }[] };
  };

describe('changes in a format', () => {
  it('leave the base alone and replace themselves', () => {
    let now = edited(scene, { op: 'set', at: `${path}/setting/size`, value: 120 });
    now = edited(now, { op: 'set', at: `${path}/setting/size`, value: 140 });
    expect(now.blocks).toEqual(scene.blocks);
    expect(now.formats[1]!.overrides).toHaveLength(1);
    expect(title(now).setting.size).toBe(140);
    expect(overridesOn(now.formats[1]!, 'title', ['setting', 'size'])).toHaveLength(1);
    expect(overridesOn(now.formats[1]!, 'title', ['setting'])).toHaveLength(1);
    expect(overridesOn(now.formats[1]!, 'title', ['place'])).toHaveLength(0);
  });

  it('swallow what lies inside a larger change, and go into one around them', () => {
    let now = edited(scene, { op: 'set', at: `${path}/setting/size`, value: 120 });
    now = edited(now, { op: 'set', at: `${path}/setting`, value: { size: 90 } });
    now = edited(now, { op: 'set', at: `${path}/setting/size`, value: 80 });
    expect(now.formats[1]!.overrides).toHaveLength(1);
    expect(title(now).setting).toEqual({ size: 80 });
  });

  it('can take values away, and lists over as a whole', () => {
    let now = edited(scene, { op: 'clear', at: `${path}/setting/column` });
    expect(title(now).setting.column).toBeUndefined();
    now = edited(now, { op: 'set', at: `${path}/arrive/moves/m1/after`, value: 5 });
    now = edited(
      now,
      { op: 'insert', at: `${path}/arrive/moves`, index: 9, value: { id: 'm2', after: 1 } },
      { op: 'set', at: `${path}/arrive/moves/m2/after`, value: 2 },
    );
    expect(title(now).arrive.moves).toEqual([
      { id: 'm1', after: 5 },
      { id: 'm2', after: 2 },
    ]);
    now = edited(now, { op: 'remove', at: `${path}/arrive/moves/m1` });
    expect(title(now).arrive.moves.map((move) => move.id)).toEqual(['m2']);
    expect(now.blocks).toEqual(scene.blocks);
  });

  it('take an element away that was changed in this format before', () => {
    let now = edited(scene, { op: 'set', at: `${path}/arrive/moves/m1`, value: { id: 'm1', after: 3 } });
    expect(title(now).arrive.moves).toEqual([{ id: 'm1', after: 3 }]);
    now = edited(now, { op: 'remove', at: `${path}/arrive/moves/m1` });
    expect(title(now).arrive.moves).toEqual([]);
    expect(now.formats[1]!.overrides).toHaveLength(1);
  });

  it('never touch the words, other scenes or the base format', () => {
    const words: Operation = { op: 'splice', at: `${path}/text`, from: 4, removed: 0, inserted: '!' };
    expect(routed(scene, 'tall', [words])).toEqual([words]);
    const placed: Operation = { op: 'set', at: `${path}/placed`, value: [] };
    expect(routed(scene, 'tall', [placed])).toEqual([placed]);
    const size: Operation = { op: 'set', at: `${path}/setting/size`, value: 1 };
    expect(routed(scene, 'wide', [size])).toEqual([size]);
    const other: Operation = { op: 'set', at: 'name', value: 'New' };
    expect(routed(scene, 'tall', [other])).toEqual([other]);
    expect(title(edited(scene, words)).text).toBe('HOME!');
  });
});
