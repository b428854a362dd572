import type { CanvasKit } from 'canvaskit-wasm';
import { Paths } from './paths';
import { Pictures } from './pictures';

let shared: { paths: Paths; pictures: Pictures } | undefined;

/** Native outlines and images, which all pictures of a page share. */
export const natives = (kit: CanvasKit) =>
  (shared ??= { paths: new Paths(kit), pictures: new Pictures(kit) });
