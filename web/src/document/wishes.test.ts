import { describe, expect, it, vi } from 'vitest';
import {
  local,
  answered,
  json,
  page,
  rest,
  server,
  set,
  stage,
  store,
  TITLE,
  typed,
  words,
} from './storeHarness';

describe('what the core has to say', () => {
  const lookAt = (change: object) =>
    stage.useStage.getState().set({ scene: 'opening', format: 'wide', ...change });
  const route = set('scenes/opening/formats/tall/overrides', [
    { id: 'o', block: 'title', path: ['opacity'], value: 0.5 },
  ]);

  it('is not asked in the base format, where nothing has keys and no move is shared', async () => {
    const use = await page();
    lookAt({});
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    lookAt({ format: 'tall', everywhere: true });
    use.getState().commit([set(`${TITLE}/opacity`, 0.6)]);
    lookAt({ format: 'tall', everywhere: false });
    use.getState().commit([typed(4, '!')]);
    use.getState().commit([set('name', 'Night ferry')]);
    await rest();
    expect(server.wishes).toEqual([]);
  });

  it.each([
    ['in a format', { format: 'tall' }, `${TITLE}/opacity`],
    ['while keys are recorded', { recording: true, frame: 12 }, `${TITLE}/opacity`],
    ['at keys', {}, 'scenes/opening/blocks/lamp/opacity'],
    ['in a shared move', {}, 'scenes/opening/blocks/bell/arrive/moves/m1/after'],
  ])('is asked %s, and done as one step', async (_, looking, at) => {
    const use = await page();
    lookAt(looking);
    server.answers = [answered([route], 'Changed the key at frame 4.')];
    use.getState().commit([set(at, 0.5)]);
    expect(use.getState().save).toBe('saving');
    await rest();
    expect(server.wishes[0]!.wish).toMatchObject({
      intent: { kind: 'setValues', operations: [set(at, 0.5)] },
      looking: { scene: 'opening', ...looking },
    });
    expect(server.document.scenes[0]!.formats[1]!.overrides).toHaveLength(1);
    expect(use.getState()).toMatchObject({
      save: 'saved',
      message: 'Changed the key at frame 4.',
      pending: [],
    });
    use.getState().undo();
    await rest();
    expect(server.document.scenes[0]!.formats[1]!.overrides).toEqual([]);
  });

  it('is shown as it was set until then', async () => {
    const use = await page();
    lookAt({ format: 'tall' });
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    expect(use.getState().document!.scenes[0]!.blocks[0]!.opacity).toBe(1);
    expect(store.shownNow()!.scenes[0]!.blocks[0]!.opacity).toBe(0.5);
    expect(store.draftNow().wishes).toHaveLength(1);
  });

  it('is asked anew where the document went on meanwhile', async () => {
    const use = await page();
    lookAt({ format: 'tall' });
    server.answers = [
      () => {
        use.getState().commit([typed(0, 'A ')]);
        return Promise.resolve(answered([]));
      },
    ];
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    await rest();
    expect(server.wishes).toHaveLength(2);
    expect(server.wishes[1]!.draft.patch.operations).toEqual([typed(0, 'A ')]);
    expect(words(server.document)).toBe('A LAST BOAT');
  });

  it('is not said to be saved while it waits, whatever else is saved meanwhile', async () => {
    const use = await page();
    lookAt({ format: 'tall' });
    let answer: (response: Response) => void = () => undefined;
    server.answers = [() => new Promise((done) => (answer = done))];
    use.getState().commit([typed(0, 'A ')]);
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    await rest();
    expect(server.saves).toHaveLength(1);
    expect(use.getState().save).toBe('saving');
    answer(answered([set(`${TITLE}/opacity`, 0.5)]));
    await rest();
    expect(use.getState()).toMatchObject({ save: 'saved', pending: [] });
    expect(server.document.scenes[0]!.blocks[0]!.opacity).toBe(0.5);
  });

  it('waits for a server that is away, in its order, and outlives a reload', async () => {
    let use = await page();
    lookAt({ format: 'tall' });
    const away = new TypeError('no wire');
    server.answers = [away, away];
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    use.getState().commit([set(`${TITLE}/opacity`, 0.4)]);
    await vi.advanceTimersByTimeAsync(100);
    expect(use.getState()).toMatchObject({ save: 'waiting' });
    expect(use.getState().pending).toHaveLength(2);
    use = await page();
    await rest();
    expect(use.getState()).toMatchObject({ save: 'saved', pending: [] });
    expect(server.document.scenes[0]!.blocks[0]!.opacity).toBe(0.4);
    expect(local.kept.size).toBe(0);
  });

  it('is taken back by undo before it is answered, and said where it is refused', async () => {
    const use = await page();
    lookAt({ format: 'tall' });
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    use.getState().undo();
    await rest();
    expect(server.saves).toEqual([]);
    expect(use.getState()).toMatchObject({ save: 'saved', pending: [] });
    server.answers = [json({ status: 422, detail: 'The scene has no such block.' }, 422)];
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    await rest();
    expect(use.getState()).toMatchObject({ save: 'saved', message: 'The scene has no such block.' });
  });

  it('shows a gesture as the core has it, and its end as one change', async () => {
    const use = await page();
    lookAt({ format: 'tall' });
    use.getState().preview([set(`${TITLE}/opacity`, 0.5)]);
    expect(store.draftNow()).toMatchObject({
      operations: [],
      wishes: [{ intent: { kind: 'setValues' }, looking: { format: 'tall' } }],
    });
    use.getState().preview({ kind: 'copyBlocks', scene: 'opening', blocks: ['line'], by: 4 });
    expect(store.draftNow().wishes).toMatchObject([{ intent: { kind: 'copyBlocks' } }]);
    use.getState().preview([]);
    expect(store.draftNow().wishes).toEqual([]);
    await rest();
    expect(server.wishes).toEqual([]);
  });

  it('what follows from something typed is one step with it, however long it waited', async () => {
    const use = await page();
    use.getState().commit([typed(4, '!')], 'words');
    await rest();
    server.answers = [answered([set(`${TITLE}/name`, 'LAST! BOAT')])];
    await use.getState().ask({ kind: 'callByWords', scene: 'opening', block: 'title', before: '' }, 'words');
    expect(use.getState().undoSteps).toHaveLength(1);
    use.getState().undo();
    expect(words(use.getState().document)).toBe('LAST BOAT');
    expect(use.getState().document?.scenes[0]?.blocks[0]).not.toHaveProperty('name');
  });
});
