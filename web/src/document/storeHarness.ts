/** A page's store with a server that answers as it is told to, and a browser's storage. Each test gets new ones. */
import { afterEach, beforeEach, vi } from 'vitest';
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

export const project = (title: string) =>
  ({
    id: 'p',
    name: 'Ferry',
    documentVersion: 3,
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
export const TITLE = 'scenes/opening/blocks/title';
export const set = (at: string, value: unknown): Operation => ({ op: 'set', at, value });
export const typed = (from: number, inserted: string): Operation => ({
  op: 'splice',
  at: `${TITLE}/text`,
  from,
  removed: 0,
  inserted,
});
export const json = (body: unknown, status = 200) =>
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

export const answered = (operations: Operation[], said = '') => json({ operations, scene: '', said });

export let server: Server;
export let store: typeof Store;
export let stage: typeof Stage;
export let patch: typeof Patch;
export let local: ReturnType<typeof storage>;

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
export async function page() {
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

export const rest = () => vi.advanceTimersByTimeAsync(6000);
export const words = (document: Project | null) => (document!.scenes[0]!.blocks[0] as { text: string }).text;
