import type { CanvasKit, Image } from 'canvaskit-wasm';
import { LRUCache } from 'lru-cache';

const MOST_BYTES = 256 << 20;
const MOST_PIXELS = 40 << 20;

/**
 * Pictures and frames of films, shared by all paintings of a page: as files, and those painted last as native images. The
 * ones not used for longest go when there are too many.
 */
export class Pictures {
  private readonly files = new LRUCache<string, ArrayBuffer>({
    maxSize: MOST_BYTES,
    sizeCalculation: (file) => file.byteLength + 1,
  });
  private readonly images = new LRUCache<string, Image>({
    maxSize: MOST_PIXELS,
    // One that alone is too large still has to be painted.
    sizeCalculation: (image) => Math.min(MOST_PIXELS, image.width() * image.height()),
    dispose: (image) => image.delete(),
  });
  private readonly loading = new Map<string, Promise<void>>();

  constructor(private readonly kit: CanvasKit) {}

  /** The picture, unpacked if it is here. It may be gone after the next call. */
  get(id: string): Image | undefined {
    const known = this.images.get(id);
    const file = this.files.get(id);
    if (known || !file) return known;
    const encoded = this.kit.MakeImageFromEncoded(file);
    if (!encoded) return undefined;
    const image = encoded.makeCopyWithDefaultMipmaps();
    encoded.delete();
    this.images.set(id, image);
    return image;
  }

  /** Ends when all of these are here; a picture that cannot be had is left out, and tried again another time. */
  async load(ids: string[]): Promise<void> {
    await Promise.all(ids.map((id) => this.one(id)));
  }

  private one(id: string): Promise<void> {
    if (this.files.has(id)) return Promise.resolve();
    const loading = this.loading.get(id) ?? this.fetch(id).finally(() => this.loading.delete(id));
    this.loading.set(id, loading);
    return loading;
  }

  private async fetch(id: string): Promise<void> {
    const answer = await fetch(`/api/pictures/${id}`);
    if (answer.ok) this.files.set(id, await answer.arrayBuffer());
  }
}
