import { expect, it, vi } from 'vitest';
import type { Canvas, CanvasKit } from 'canvaskit-wasm';
import { Brush } from './brush';
import type { Paths } from './paths';
import type { Pictures } from './pictures';
import { piecesOf, readReel } from './reel';

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

const head = () => new Bytes().int(0x4c52574b, 7, 1920, 1080, 10, 12);

/**
 * Two frames of a title: one outline that is sent, one that is known, one list that both frames show. It has one piece, whose layer
 * is 30 by 20 px large.
 */
const reel = (list: Bytes) => {
  const words = list.buffer.byteLength / 4;
  const bytes = head().int(2);
  bytes
    .int(0x89abcdef | 0, 0x01234567, 3, 4)
    .raw(new Uint8Array([0, 1, 2]))
    .float(1, 2, 3, 4);
  bytes.int(7, 0, -1);
  bytes.int(1).text('0'.repeat(64));
  bytes.int(1).text('títle').int(1).int(8, 0, 9, 0).float(5, 6, 70, 80).int(1, 1).float(10, 20, 40, 40);
  bytes.int(words).raw(new Uint8Array(list.buffer)).int(1, 1, 0);
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
  expect(piecesOf(read, 11)).toMatchObject([
    {
      id: '0000000000000008',
      contents: '0000000000000009',
      reach: new Float32Array([5, 6, 70, 80]),
      cuttable: true,
      rooms: new Float32Array([10, 20, 40, 40]),
    },
  ]);
  expect(piecesOf(read, 11, new Set(['títle']))).toEqual([]);
  expect(read.tracks[0]!.bounds).toEqual(new Float32Array([0, 0, 10, 10, 0, 0, 20, 20]));
});

it('refuses a form that it does not know', () => {
  expect(() => readReel(new Bytes().int(0x4c52574b, 2).buffer, false)).toThrow('Load the page anew');
  expect(() => readReel(new Bytes().int(1, 3).buffer, false)).toThrow('Load the page anew');
});

const called = () => {
  const calls: string[] = [];
  const canvas = new Proxy(
    {},
    {
      get:
        (_, name) =>
        (...values: unknown[]) => {
          calls.push(`${String(name)} ${JSON.stringify(values)}`);
          // Half the size, moved.
          return name === 'getTotalMatrix' ? [0.5, 0, 20, 0, 0.5, 25, 0, 0, 1] : 1;
        },
    },
  );
  const kit = {
    Paint: class {
      setAntiAlias = vi.fn();
      setAlphaf = (alpha: number) => void calls.push(`alpha ${alpha}`);
      setBlendMode = (mode: string) => void calls.push(`mode ${mode}`);
      setColor = (colour: unknown) => void calls.push(`colour ${JSON.stringify(colour)}`);
      delete = vi.fn();
    },
    TRANSPARENT: 0,
    ClipOp: { Intersect: 'in' },
    BlendMode: new Proxy({}, { get: (_, name) => name }),
    Color4f: (...values: number[]) => values.map((value) => Number(value.toFixed(2))),
  } as unknown as CanvasKit;
  const paths = { get: (id: string) => (id ? `path ${id.slice(-2)}` : undefined) } as unknown as Paths;
  return { calls, brush: new Brush(kit, paths, {} as Pictures), canvas: canvas as Canvas };
};

it('carries out operations in their order and nothing that it does not know', () => {
  const { calls, brush, canvas } = called();
  const list = new Bytes()
    .int(1)
    .int(3)
    .float(1, 0, 0, 1, 40, 50)
    .int(4, 0)
    .int(5)
    .float(0.25, 0, 0)
    .int(1)
    .int(6, 1)
    .float(0.5)
    .int(0xff0080ff | 0)
    .int(2)
    .int(2);
  const half = { x: 0.5, y: 0.5 };
  brush.all(canvas, piecesOf(readReel(reel(list), false), 11), half);
  expect(calls).toEqual([
    'save []',
    'scale [0.5,0.5]',
    'save []',
    'concat [[1,0,40,0,1,50,0,0,1]]',
    'clipPath ["path ef","in",true]',
    'alpha 0.25',
    'getTotalMatrix []',
    // From 5, 10 to 20, 20 on the surface, on a grid of 8 px and a little less, in half pixels.
    'saveLayer [{},[-39.5,-33.5,-0.5,-10.5]]',
    'colour [0,0.5,1,0.5]',
    'drawPath ["path 07",{}]',
    'restore []',
    'restore []',
    'restoreToCount [1]',
  ]);
  expect(brush.missed).toBe(false);
  const unknown = readReel(reel(new Bytes().int(99)), false);
  expect(() => brush.all(canvas, piecesOf(unknown, 10), half)).toThrow('does not know');
});

it('mixes layers with what is below them, and takes away what they cover', () => {
  const { calls, brush, canvas } = called();
  const list = new Bytes()
    .int(15, 1)
    .float(0.5, 0, 0)
    .int(1)
    .int(2)
    .int(5)
    .float(1, 0, 0)
    .int(1)
    .int(14)
    .int(2)
    .int(2);
  brush.all(canvas, piecesOf(readReel(reel(list), false), 11), { x: 0.5, y: 0.5 });
  expect(calls.filter((call) => /^(mode|alpha)/.test(call))).toEqual([
    'alpha 0.5',
    'mode Plus',
    'alpha 1',
    'mode DstOut',
  ]);
});
