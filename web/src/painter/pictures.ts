import type { CanvasKit, Image } from 'canvaskit-wasm';

const MOST = 60;

/** Pictures as native images, shared by all paintings of a page. The oldest go when there are too many. */
export class Pictures {
  private readonly images = new Map<string, Image>();
  private readonly loading = new Map<string, Promise<void>>();

  constructor(private readonly kit: CanvasKit) {}

  get(id: string): Image | undefined {
    return this.images.get(id);
  }

  /** Ends when all of these are here; a picture that cannot be had is left out, and tried again another time. */
  async load(ids: string[]): Promise<void> {
    await Promise.all(ids.map((id) => this.one(id)));
  }

  private one(id: string): Promise<void> {
    if (this.images.has(id)) return Promise.resolve();
    const loading = this.loading.get(id) ?? this.fetch(id).finally(() => this.loading.delete(id));
    this.loading.set(id, loading);
    return loading;
  }

  private async fetch(id: string): Promise<void> {
    const answer = await fetch(`/api/pictures/${id}`);
    if (!answer.ok) return;
    const encoded = this.kit.MakeImageFromEncoded(await answer.arrayBuffer());
    if (!encoded) return;
    const image = encoded.makeCopyWithDefaultMipmaps();
    encoded.delete();
    if (this.images.size >= MOST) {
      const [oldest, old] = this.images.entries().next().value!;
      this.images.delete(oldest);
      old.delete();
    }
    this.images.set(id, image);
  }
}
