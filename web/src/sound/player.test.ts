import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { CHUNK, RATE } from './pieces';

const NTSC = 30_000 / 1001;

interface Started {
  when: number;
  offset: number;
  count: number;
}

/** A sound card whose time passes when it is told to. */
class Card {
  currentTime = 5;
  state = 'running';
  destination = {};
  started: Started[] = [];
  stopped = 0;
  latency = 0.03;
  resume = () => Promise.resolve();
  createBuffer = (_channels: number, length: number) => ({
    length,
    getChannelData: () => new Float32Array(1),
  });
  createGain = () => ({
    gain: { value: 1, setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
    connect: (next: unknown) => next,
    disconnect: () => undefined,
  });
  createBufferSource = () => ({
    playbackRate: { value: 1 },
    connect: (next: unknown) => next,
    start: (when: number, offset: number, count: number) => this.started.push({ when, offset, count }),
    stop: () => this.stopped++,
  });
  getOutputTimestamp = () => ({
    contextTime: this.currentTime - this.latency,
    performanceTime: performance.now(),
  });
}

let card: Card;

/** Time passes for the page and its sound card alike; the card's runs a little differently, as real ones do. */
async function pass(seconds: number, drift = 1): Promise<void> {
  for (let i = 0; i < Math.round(seconds * 10); i++) {
    card.currentTime += 0.1 * drift;
    await vi.advanceTimersByTimeAsync(100);
  }
}

beforeEach(() => {
  card = new Card();
  vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'setTimeout', 'clearTimeout', 'performance'] });
  vi.stubGlobal(
    'AudioContext',
    class {
      constructor() {
        return card;
      }
    },
  );
  vi.stubGlobal('fetch', () =>
    Promise.resolve({ ok: true, arrayBuffer: () => Promise.resolve(new ArrayBuffer(4 * CHUNK)) }),
  );
  vi.resetModules();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const sound = (at: number, from: number, seconds: number) => ({
  id: 'a',
  sha256: 'f'.repeat(64),
  at,
  from,
  seconds,
  gain: 1,
  gains: [],
});

describe('play', () => {
  it('keeps picture and sound in step within a frame over ten minutes at 29.97', async () => {
    const { play } = await import('./player');
    const playing = play([sound(0, 0, 700)], { first: 0, length: 650, loop: false }, 0, 1);
    await pass(1);
    expect(playing.heard()).toBe(true);
    const zero = card.started[0]!.when - card.started[0]!.offset;
    for (let minute = 0; minute < 10; minute++) {
      // The card is a twentieth of a percent fast: in ten minutes that would be nine frames.
      await pass(60, 1.0005);
      const audible = card.currentTime - card.latency - zero;
      expect(Math.abs(playing.elapsed() - audible) * NTSC).toBeLessThan(1);
    }
    const { started } = card;
    for (let i = 1; i < started.length; i++) {
      expect(Math.abs(started[i]!.when - started[i - 1]!.when - started[i - 1]!.count)).toBeLessThan(
        0.5 / RATE,
      );
    }
    expect(started.reduce((sum, one) => sum + one.count, 0)).toBeGreaterThan(600);
    playing.stop();
    expect(card.stopped).toBeGreaterThan(0);
  });

  it('begins with the samples of the place it begins at, as fast as the picture', async () => {
    const { play } = await import('./player');
    const playing = play([sound(2, 1, 10)], { first: 4, length: 6, loop: false }, 1, 0.5);
    await pass(0.5);
    // Five seconds into the scene lies at four of the recording, and at half speed a second lasts two.
    const first = card.started[0]!;
    expect(first.offset).toBeCloseTo(4 + (0.06 + first.when - 5.06) * 0.5 - 0.03, 1);
    const before = playing.elapsed();
    await pass(2);
    expect(playing.elapsed() - before).toBeCloseTo(1, 2);
    playing.stop();
  });

  it('goes by the clock on the wall while there is nothing to hear, and by sound once there is', async () => {
    const { play } = await import('./player');
    const playing = play([], { first: 0, length: 60, loop: false }, 0, 2);
    await pass(1);
    expect(playing.heard()).toBe(false);
    expect(playing.elapsed()).toBeCloseTo(2, 1);
    playing.change([sound(0, 0, 60)]);
    await pass(1);
    expect(playing.heard()).toBe(true);
    expect(playing.elapsed()).toBeGreaterThan(3.5);
    playing.stop();
  });

  it('plays on in silence where nothing can be heard', async () => {
    card.state = 'suspended';
    const { play } = await import('./player');
    const playing = play([sound(0, 0, 60)], { first: 0, length: 60, loop: false }, 0, 1);
    await pass(2);
    expect(playing.heard()).toBe(false);
    expect(playing.elapsed()).toBeCloseTo(2, 1);
    playing.stop();
  });

  it('takes back what was handed over when other sounds are to be heard', async () => {
    const { play } = await import('./player');
    const playing = play([sound(0, 0, 60)], { first: 0, length: 60, loop: false }, 0, 1);
    await pass(1);
    const count = card.started.length;
    playing.change([]);
    expect(card.stopped).toBe(count);
    await pass(1);
    expect(card.started.length).toBe(count);
    playing.stop();
  });
});
