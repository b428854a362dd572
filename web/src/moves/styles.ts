export type Extent = 'dress' | 'setting' | 'moves';

/** How much of a block a style holds, and how it is said. */
export const EXTENTS: [Extent, string][] = [
  ['dress', 'its dress'],
  ['setting', 'dress and setting'],
  ['moves', 'dress, setting and moves'],
];

/** A style that was kept. */
export interface Style {
  id: string;
  name: string;
  sentence: string;
  extent: Extent;
  style: Record<string, unknown>;
}
