import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Operation, Project, Wish } from '../api/client';
import type * as Patch from './patch';
import type * as Stage from './stage';
import type * as Store from './store';

/** A server that keeps one project and answers as it is told to. */
interface Server {
  revision: number;
  document: Project;
  /** What the next saves are answered with; saved as usual when nothing is said. */
  next: (Response | Error)[];
  saves: { base: number; change: string; patch: { operations: Operation[] } }[];
  /** What was wished. */
  wishes: { draft: { patch: { operations: Operation[] } }; wish: Wish }[];
  /** What the next wishes are answered with; with their own values when nothing is said. */
  answers: (Response | Error | (() => Promise<Response>))[];
}

const project = (title: string) =>
  ({
    id: 'p',
    name: 'Ferry',
    documentVersion: 2,
    engineVersion: '1',
    fields: [],
    scenes: [
      {
        id: 'opening',
        name: 'Opening',
        formats: [
          { id: 'wide', overrides: [] },
          { id: 'tall', overrides: [] },
        ],
        blocks: [
          { id: 'title', kind: 'text', text: title, runs: [], opacity: 1 },
          { id: 'line', kind: 'shape', opacity: 1 },
          { id: 'lamp', kind: 'shape', opacity: { track: [{ id: 'k1', at: 0, value: 1 }] } },
          { id: 'bell', kind: 'shape', arrive: { moves: [{ id: 'm1', shared: 'crisp', after: 0 }] } },
        ],
      },
    ],
  }) as unknown as Project;
const TITLE = 'scenes/opening/blocks/title';
const set = (at: string, value: unknown): Operation => ({ op: 'set', at, value });
const typed = (from: number, inserted: string): Operation => ({
  op: 'splice',
  at: `${TITLE}/text`,
  from,
  removed: 0,
  inserted,
});
const json = (body: unknown, status = 200) =>
  new Response(JSON.stringify(body), { status, headers: { 'Content-Type': 'application/json' } });

const storage = () => {
  const kept = new Map<string, string>();
  return {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
    kept,
  };
};

const answered = (operations: Operation[], said = '') => json({ operations, scene: '', said });

let server: Server;
let store: typeof Store;
let stage: typeof Stage;
let patch: typeof Patch;
let local: ReturnType<typeof storage>;

async function answer(request: Request | string, init?: RequestInit): Promise<Response> {
  const url = typeof request === 'string' ? request : request.url;
  if (url.endsWith('/revisions') && (init?.method ?? '') === 'POST') {
    const save = JSON.parse(init!.body as string) as Server['saves'][number];
    server.saves.push(save);
    const told = server.next.shift();
    if (told instanceof Error) throw told;
    if (told) return told;
    if (save.base !== server.revision)
      return json(
        { status: 409, detail: 'newer', revision: server.revision, document: server.document },
        409,
      );
    server.document = patch.applyPatch(server.document, save.patch.operations).document;
    return json({ revision: ++server.revision });
  }
  if (url.endsWith('/edit')) {
    const asked = JSON.parse(init!.body as string) as Server['wishes'][number];
    server.wishes.push(asked);
    const told = server.answers.shift();
    if (told instanceof Error) throw told;
    if (typeof told === 'function') return told();
    return told ?? answered((asked.wish.intent as { operations: Operation[] }).operations);
  }
  const number = /revisions\/(\d+)$/.exec(url)?.[1];
  return json({
    id: 'p',
    revision: number ? Number(number) : server.revision,
    document: server.document,
  });
}

/** Makes the page anew, as a reload does: the browser's storage stays. */
async function page() {
  vi.resetModules();
  store = await import('./store');
  stage = await import('./stage');
  patch = await import('./patch');
  await store.useDocument.getState().load('p');
  return store.useDocument;
}

beforeEach(() => {
  vi.useFakeTimers();
  local = storage();
  vi.stubGlobal(
    'localStorage',
    new Proxy(local, {
      ownKeys: () => [...local.kept.keys()],
      getOwnPropertyDescriptor: () => ({ enumerable: true, configurable: true }),
    }),
  );
  vi.stubGlobal('sessionStorage', storage());
  vi.stubGlobal('navigator', {});
  vi.stubGlobal('fetch', answer);
  // Outside a browser an address needs a host.
  vi.stubGlobal(
    'Request',
    class extends Request {
      constructor(url: string, init?: RequestInit) {
        super(`http://127.0.0.1${url}`, init);
      }
    },
  );
  server = { revision: 1, document: project('LAST BOAT'), next: [], saves: [], wishes: [], answers: [] };
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const rest = () => vi.advanceTimersByTimeAsync(6000);
const words = (document: Project | null) => (document!.scenes[0]!.blocks[0] as { text: string }).text;

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
});
