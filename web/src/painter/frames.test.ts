import { afterEach, beforeEach, expect, test, vi } from 'vitest';
import { Frames } from './frames';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import type { Reel } from './reel';

/** What the server would send: one outline for every frame that was asked for. */
const asked = vi.hoisted(() => [] as { from: number; to: number }[]);
vi.mock('../api/client', () => ({
  RequestError: class extends Error {},
  post: (_: string, body: { from: number; to: number }) => {
    asked.push({ from: body.from, to: body.to });
    return Promise.resolve({ status: 200, arrayBuffer: () => Promise.resolve(body) });
  },
}));
vi.mock('./reel', () => ({
  readReel: ({ from, to }: { from: number; to: number }): Partial<Reel> => ({
    from,
    to,
    outlines: Array.from({ length: to - from }, (_, i) => ({
      id: `o${from + i}`,
      verbs: new Uint8Array(),
      points: new Float32Array(),
    })),
    pictures: [],
  }),
}));

/** As the page's outlines: all make room when there are too many. */
class FewPaths {
  held = new Set<string>();
  generation = 0;
  constructor(private readonly most: number) {}
  known(): string[] {
    if (this.held.size > this.most) {
      this.held.clear();
      this.generation++;
    }
    return [];
  }
  add(reel: Reel) {
    for (const outline of reel.outlines) this.held.add(outline.id);
  }
  get(id: string) {
    return this.held.has(id);
  }
}

const pictures = { load: () => Promise.resolve() } as unknown as Pictures;
const LENGTH = 40;

async function filled(most: number, others = 0): Promise<[Frames, number[]]> {
  const paths = new FewPaths(most);
  for (let i = 0; i < others; i++) paths.held.add(`other${i}`);
  const arrived: number[] = [];
  const frames: Frames = new Frames(
    paths as unknown as Paths,
    pictures,
    (frame) => {
      if (frames.isCurrent(frame)) arrived.push(frame);
    },
    () => undefined,
  );
  frames.use(
    {
      project: 'p',
      base: 1,
      operations: [],
      scene: 's',
      format: 'f',
      resting: null,
      length: LENGTH,
      piece: 10,
    },
    5,
  );
  await vi.runAllTimersAsync();
  return [frames, arrived];
}

beforeEach(() => {
  asked.length = 0;
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

test('all frames of a scene come by themselves, those at the playhead first', async () => {
  const [frames] = await filled(1000);
  expect(asked[0]).toEqual({ from: 5, to: 6 });
  expect(asked.slice(1).map(({ from }) => from)).toEqual([0, 10, 20, 30]);
  for (let frame = 0; frame < LENGTH; frame++) expect(frames.isCurrent(frame)).toBe(true);
});

test('what lost its outlines on the way is fetched once more', async () => {
  const [frames] = await filled(45, 20);
  for (let frame = 0; frame < LENGTH; frame++) expect(frames.isCurrent(frame)).toBe(true);
});

test('a frame is shown where its piece has lost its outlines, however often they make room', async () => {
  const [frames, arrived] = await filled(15);
  expect(asked.length).toBeLessThan(12);
  for (let frame = 0; frame < LENGTH; frame += 3) {
    if (frames.isCurrent(frame)) continue;
    frames.want(frame);
    await vi.runAllTimersAsync();
    expect(arrived).toContain(frame);
  }
  expect(arrived.length).toBeGreaterThan(1);
});
