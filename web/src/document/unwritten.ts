import type { Block } from '../api/client';

/** Whether a scene waits for its first words: it has nothing but words, and none of them are written. */
export const unwritten = (blocks: Block[]) =>
  blocks.every((block) => block.kind === 'text' && !block.text.trim());
