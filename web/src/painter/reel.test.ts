import { expect, it, vi } from 'vitest';
import type { Canvas, CanvasKit } from 'canvaskit-wasm';
import { Lists } from './lists';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import { readReel } from './reel';

/** Writes a reel as docs/reel.md has it: little-endian words, texts and verbs filled up to whole words. */
class Bytes {
  private readonly bytes: number[] = [];
  int(...values: number[]) {
    for (const value of values) {
      const view = new DataView(new ArrayBuffer(4));
      view.setInt32(0, value, true);
      this.bytes.push(...new Uint8Array(view.buffer));
    }
    return this;
  }
  float(...values: number[]) {
    for (const value of values) {
      const view = new DataView(new ArrayBuffer(4));
      view.setFloat32(0, value, true);
      this.bytes.push(...new Uint8Array(view.buffer));
    }
    return this;
  }
  raw(values: Uint8Array) {
    this.bytes.push(...values);
    while (this.bytes.length % 4) this.bytes.push(0);
    return this;
  }
  text(text: string) {
    const bytes = new TextEncoder().encode(text);
    return this.int(bytes.length).raw(bytes);
  }
  get buffer() {
    return new Uint8Array(this.bytes).buffer;
  }
}

const head = () => new Bytes().int(0x4c52574b, 2, 1920, 1080, 10, 12);

/** Two frames of a title: one outline that is sent, one that is known, one list that both frames show. */
const reel = (list: Bytes) => {
  const words = list.buffer.byteLength / 4;
  const bytes = head().int(2);
  bytes
    .int(0x89abcdef | 0, 0x01234567, 3, 4)
    .raw(new Uint8Array([0, 1, 2]))
    .float(1, 2, 3, 4);
  bytes.int(7, 0, -1);
  bytes.int(1).text('0'.repeat(64));
  bytes.int(1).text('títle').int(1).int(words).raw(new Uint8Array(list.buffer));
  return bytes.int(0, 0).float(0, 0, 10, 10, 0, 0, 20, 20).buffer;
};

it('reads outlines, pictures and tracks to the last byte', () => {
  const read = readReel(reel(new Bytes().int(1, 2)), false);
  expect(read).toMatchObject({ width: 1920, height: 1080, from: 10, to: 12, samples: false });
  expect(read.outlines[0]).toMatchObject({ id: '0123456789abcdef', points: new Float32Array([1, 2, 3, 4]) });
  expect([...read.outlines[0]!.verbs!]).toEqual([0, 1, 2]);
  expect(read.outlines[1]).toEqual({ id: '0000000000000007', verbs: null, points: null });
  expect(read.pictures).toEqual(['0'.repeat(64)]);
  expect(read.tracks).toHaveLength(1);
  expect(read.tracks[0]!.block).toBe('títle');
  expect([...read.tracks[0]!.frames]).toEqual([0, 0]);
  expect(read.tracks[0]!.bounds).toEqual(new Float32Array([0, 0, 10, 10, 0, 0, 20, 20]));
});

it('refuses a form that it does not know', () => {
  expect(() => readReel(new Bytes().int(0x4c52574b, 3).buffer, false)).toThrow('Load the page anew');
  expect(() => readReel(new Bytes().int(1, 2).buffer, false)).toThrow('Load the page anew');
});

const called = () => {
  const calls: string[] = [];
  const canvas = new Proxy(
    {},
    {
      get:
        (_, name) =>
        (...values: unknown[]) =>
          void calls.push(`${String(name)} ${JSON.stringify(values)}`),
    },
  );
  const kit = {
    Paint: class {
      setAntiAlias = vi.fn();
      setColor = (colour: unknown) => void calls.push(`colour ${JSON.stringify(colour)}`);
      delete = vi.fn();
    },
    TRANSPARENT: 0,
    ClipOp: { Intersect: 'in' },
    Color4f: (...values: number[]) => values.map((value) => Number(value.toFixed(2))),
  } as unknown as CanvasKit;
  const paths = { get: (id: string) => (id ? `path ${id.slice(-2)}` : undefined) } as unknown as Paths;
  return { calls, lists: new Lists(kit, paths, {} as Pictures), canvas: canvas as Canvas };
};

it('carries out operations in their order and nothing that it does not know', () => {
  const { calls, lists, canvas } = called();
  const list = new Bytes()
    .int(1)
    .int(3)
    .float(1, 0, 0, 1, 40, 50)
    .int(4, 0)
    .int(6, 1)
    .float(0.5)
    .int(0xff0080ff | 0)
    .int(2);
  lists.frame(canvas, readReel(reel(list), false), 11, 960, 540);
  expect(calls).toEqual([
    'clear [0]',
    'save []',
    'scale [0.5,0.5]',
    'save []',
    'concat [[1,0,40,0,1,50,0,0,1]]',
    'clipPath ["path ef","in",true]',
    'colour [0,0.5,1,0.5]',
    'drawPath ["path 07",{}]',
    'restore []',
    'restore []',
  ]);
  const unknown = readReel(reel(new Bytes().int(99)), false);
  expect(() => lists.frame(canvas, unknown, 10, 960, 540)).toThrow('does not know');
});
