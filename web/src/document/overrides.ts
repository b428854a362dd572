import type { Format, Project, Scene } from '../api/client';

type Json = unknown;
type Override = Format['overrides'][number];

/** The base format's own values are the blocks' values. */
export const isBase = (scene: Scene, format: string) => !format || scene.formats[0]?.id === format;

/** The scene as one of its formats shows it, for reading values and for editing them. */
export function shownScene(scene: Scene, formatId: string): Scene {
  const format = scene.formats.find((one) => one.id === formatId);
  if (!format || format.overrides.length === 0) return scene;
  return {
    ...scene,
    blocks: scene.blocks.map((block) => {
      const own = format.overrides.filter((override) => override.block === block.id);
      if (own.length === 0) return block;
      const copy = structuredClone(block);
      own.forEach((override) => put(copy, override.path, structuredClone(override.value)));
      return copy;
    }),
  };
}

/** The document as the shown scene and format have it. */
export function shownDocument(document: Project | null, sceneId: string, formatId: string): Project | null {
  const scene = document?.scenes.find((one) => one.id === sceneId);
  if (!document || !scene) return document;
  const shown = shownScene(scene, formatId);
  return shown === scene
    ? document
    : { ...document, scenes: document.scenes.map((one) => (one === scene ? shown : one)) };
}

/** The overrides that bear on a value of a block: of it, of what it lies in, or of what lies in it. */
export function overridesOn(values: Override[], block: string, path: string[]): Override[] {
  return values.filter(
    (override) => override.block === block && (begins(path, override.path) || begins(override.path, path)),
  );
}

const begins = (path: string[], start: string[]) => start.every((step, i) => path[i] === step);

function get(root: Json, path: string[]): Json {
  return path.reduce<Json>(
    (node, step) =>
      Array.isArray(node)
        ? (node as { id?: string }[]).find((one) => one.id === step)
        : (node as Record<string, Json> | undefined)?.[step],
    root,
  );
}

function put(root: Json, path: string[], value: Json): void {
  const parent = get(root, path.slice(0, -1));
  const last = path.at(-1)!;
  if (Array.isArray(parent)) {
    const index = (parent as { id?: string }[]).findIndex((one) => one.id === last);
    if (index >= 0) parent[index] = value;
  } else if (parent && typeof parent === 'object') {
    if (value === null) delete (parent as Record<string, Json>)[last];
    else (parent as Record<string, Json>)[last] = value;
  }
}
