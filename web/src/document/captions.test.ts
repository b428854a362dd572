import { beforeEach, describe, expect, it } from 'vitest';
import type { Scene } from '../api/client';
import { captionAt, chooseCaption, dressedNow, isDressing, type Caption } from './captions';
import { useStage } from './stage';
import { useDocument } from './store';
import { mustAsk, wishOf } from './wishes';

const caption = (id: string, start: number, end: number): Caption => ({
  id,
  start,
  end,
  lane: 0,
  speeds: {},
  faults: {},
  late: false,
});
const LINES = [caption('a', 10, 40), caption('b', 40.5, 60)];
const SCENE = {
  id: 's',
  captions: { design: 'words', designs: ['words', 'other'] },
  blocks: [
    { id: 'words', kind: 'text' },
    { id: 'other', kind: 'text' },
    { id: 'title', kind: 'text' },
    { id: 'plate', kind: 'shape', shape: { kind: 'plate', behind: ['words'] } },
    { id: 'both', kind: 'shape', shape: { kind: 'plate', behind: ['words', 'title'] } },
  ],
} as unknown as Scene;

beforeEach(() => {
  useDocument.setState({ document: { scenes: [SCENE] } as never });
  useStage.getState().set({
    scene: 's',
    block: 'title',
    caption: null,
    frame: 0,
    captions: { script: { lines: LINES, shown: 'c1' }, voices: [] } as never,
  });
});

describe('captions', () => {
  it('are on from their start to before their end', () => {
    expect(captionAt(LINES, 9.9)).toBeUndefined();
    expect(captionAt(LINES, 10)?.id).toBe('a');
    expect(captionAt(LINES, 40)).toBeUndefined();
    expect(captionAt(LINES, 41)?.id).toBe('b');
  });

  it('are dressed by their designs and the plates behind none but those', () => {
    const dressing = SCENE.blocks.filter((block) => isDressing(SCENE, block.id)).map((block) => block.id);
    expect(dressing).toEqual(['words', 'other', 'plate']);
    expect(isDressing({ ...SCENE, captions: undefined }, 'words')).toBe(false);
  });

  it('are chosen with what dresses them, and gone to only where they are not on', () => {
    chooseCaption(LINES[1]!);
    expect(useStage.getState()).toMatchObject({ caption: 'b', block: 'words', frame: 41 });
    useStage.getState().set({ block: 'plate', frame: 50 });
    chooseCaption(LINES[1]!);
    expect(useStage.getState()).toMatchObject({ caption: 'b', block: 'plate', frame: 50 });
  });

  it('tell their dress as the chosen one, else as the one that is on', () => {
    expect(dressedNow()).toBeNull();
    useStage.getState().set({ frame: 45 });
    expect(dressedNow()).toBe('b');
    useStage.getState().set({ caption: 'a' });
    expect(dressedNow()).toBe('a');
  });

  it('are let go with their scene, and with them what is meant for one alone', () => {
    useStage.getState().set({ caption: 'a', captionAlone: true });
    useStage.getState().set({ caption: null });
    expect(useStage.getState().captionAlone).toBe(false);
    useStage.getState().set({ caption: 'a', captionAlone: true });
    useStage.getState().set({ scene: 't' });
    expect(useStage.getState()).toMatchObject({ caption: null, captionAlone: false, captions: null });
  });

  it('let the core be asked for their rules, and for what is meant for one alone', () => {
    const project = { scenes: [SCENE] } as never;
    const size = [{ op: 'set' as const, at: 'scenes/s/blocks/words/setting/size', value: 80 }];
    useStage.getState().set({ everywhere: true, caption: 'a' });
    expect(mustAsk(project, size)).toBe(false);
    expect(mustAsk(project, [{ op: 'set', at: 'scenes/s/captions/rules/perLine', value: 20 }])).toBe(true);
    useStage.getState().set({ captionAlone: true });
    expect(mustAsk(project, size)).toBe(true);
    expect(wishOf({ kind: 'setValues', operations: size }).looking.caption).toBe('a');
    useStage.getState().set({ captionAlone: false });
    expect(wishOf({ kind: 'setValues', operations: size }).looking.caption).toBeUndefined();
  });
});
