import { describe, expect, it, vi } from 'vitest';
import type { Operation } from '../api/client';
import { local, patch, json, page, rest, server, set, store, TITLE, typed, words } from './storeHarness';

describe('saving', () => {
  it('sends what was changed after a moment, together, and goes on from the new revision', async () => {
    const use = await page();
    use.getState().commit([typed(4, '!')]);
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    expect(use.getState().save).toBe('saving');
    await rest();
    expect(server.saves).toHaveLength(1);
    expect(use.getState()).toMatchObject({ save: 'saved', base: 2, unsaved: [] });
    expect(words(server.document)).toBe('LAST! BOAT');
    expect(local.kept.size).toBe(0);
  });

  it('sends a change again under its old name until it is answered', async () => {
    const use = await page();
    server.next = [new TypeError('no wire'), json({ status: 503, detail: 'busy' }, 503)];
    use.getState().commit([typed(0, 'A ')]);
    await vi.advanceTimersByTimeAsync(300);
    expect(use.getState().save).toBe('waiting');
    // What is typed meanwhile waits for its turn.
    use.getState().commit([typed(0, 'B ')]);
    await rest();
    expect(use.getState().save).toBe('saved');
    const names = server.saves.map((save) => save.change);
    expect(new Set(names.slice(0, 3)).size).toBe(1);
    expect(names[3]).not.toBe(names[0]);
    expect(words(server.document)).toBe('B A LAST BOAT');
  });

  it('says why a change is refused, keeps it, and does not send it for ever', async () => {
    const use = await page();
    server.next = [json({ status: 422, detail: 'The words hold U+0007.' }, 422)];
    use.getState().commit([typed(0, 'A')]);
    await rest();
    await rest();
    expect(server.saves).toHaveLength(1);
    expect(use.getState()).toMatchObject({ save: 'refused', message: 'The words hold U+0007.' });
    expect(use.getState().unsaved).toHaveLength(1);
    use.getState().undo();
    await rest();
    expect(use.getState().save).toBe('saved');
    expect(words(server.document)).toBe('LAST BOAT');
  });
});

describe('what follows from a change', () => {
  const LENGTH = 'scenes/opening/length';
  const length = (use: Awaited<ReturnType<typeof page>>) => use.getState().document!.scenes[0]!.length;

  it('is undone and done again along with it', async () => {
    const use = await page();
    const before = length(use);
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    use.getState().join([set(LENGTH, 200)]);
    expect(use.getState().undoSteps).toHaveLength(1);
    use.getState().undo();
    expect(length(use)).toBe(before);
    use.getState().redo();
    expect(length(use)).toBe(200);
    await rest();
    expect(use.getState().save).toBe('saved');
  });

  it('leaves what was undone to be done again, and waits while something goes on', async () => {
    const use = await page();
    use.getState().commit([set(`${TITLE}/opacity`, 0.5)]);
    use.getState().commit([set(`${TITLE}/opacity`, 0.7)]);
    use.getState().undo();
    use.getState().join([set(LENGTH, 200)]);
    expect(use.getState().redoSteps).toHaveLength(1);
    use.getState().preview([set(`${TITLE}/opacity`, 0.2)]);
    use.getState().join([set(LENGTH, 300)]);
    expect(length(use)).toBe(200);
  });
});

describe('another window saved first', () => {
  const elsewhere = (operation: Operation) => {
    server.document = patch.applyPatch(server.document, [operation]).document;
    server.revision++;
  };

  it('changes of different things are both kept', async () => {
    const use = await page();
    elsewhere(set('scenes/opening/blocks/line/opacity', 0.25));
    use.getState().commit([typed(9, '!')]);
    await rest();
    expect(use.getState()).toMatchObject({ save: 'saved', base: 3 });
    expect(words(server.document)).toBe('LAST BOAT!');
    expect(server.document.scenes[0]!.blocks[1]!.opacity).toBe(0.25);
  });

  it('changes of the same words are told as a conflict and neither is lost', async () => {
    const use = await page();
    elsewhere({ op: 'splice', at: `${TITLE}/text`, from: 0, removed: 9, inserted: 'EBB TIDE' });
    use.getState().commit([typed(4, ' FERRY')]);
    await rest();
    expect(use.getState().save).toBe('refused');
    expect(use.getState().newer?.revision).toBe(2);
    expect(words(use.getState().document)).toBe('LAST FERRY BOAT');
    expect(words(server.document)).toBe('EBB TIDE');
  });

  it('is told of a newer state while nothing waits to be saved', async () => {
    const use = await page();
    use.getState().heard('other', 9);
    use.getState().heard('p', 1);
    expect(use.getState().newer).toBeNull();
    use.getState().heard('p', 2);
    expect(use.getState().newer).toEqual({ revision: 2 });
  });
});

it('a closed page takes up what it had not saved, also where the answer was lost', async () => {
  const use = await page();
  server.next = [new TypeError('no wire')];
  use.getState().commit([typed(0, 'A ')]);
  await vi.advanceTimersByTimeAsync(300);
  expect(local.kept.size).toBe(1);
  // The change had been saved all the same; only its answer did not come.
  server.document = patch.applyPatch(server.document, [typed(0, 'A ')]).document;
  server.revision = 2;
  const change = server.saves[0]!.change;
  server.next = [json({ revision: 2 })];
  const again = await page();
  await rest();
  expect(server.saves[1]!.change).toBe(change);
  expect(words(again.getState().document)).toBe('A LAST BOAT');
  expect(again.getState().save).toBe('saved');
});

it('a drawer takes back its own changes and no others', async () => {
  const use = await page();
  const { commit, takeBack } = use.getState();
  commit([set(`${TITLE}/opacity`, 0.9)], undefined, 'drawer');
  const before = store.lastStep();
  commit([set(`${TITLE}/opacity`, 0.5)], undefined, 'drawer');
  commit([set('name', 'Night ferry')]);
  commit([set(`${TITLE}/opacity`, 0.2)], undefined, 'drawer');
  takeBack('drawer', before);
  expect(use.getState().document).toMatchObject({ name: 'Night ferry' });
  expect(use.getState().document!.scenes[0]!.blocks[0]!.opacity).toBe(0.9);
  use.getState().undo();
  expect(use.getState().document!.scenes[0]!.blocks[0]!.opacity).toBe(0.5);
});
