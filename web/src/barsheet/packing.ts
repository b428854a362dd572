import type { Block, BlockView } from '../api/client';

/**
 * Blocks in rows, in their order: a block goes into the first row in which nothing is on at the same time. One that stands alone
 * has a row of its own.
 *
 * @param alone the block that is opened; it shares its row with no other
 */
export function packed(blocks: Block[], views: BlockView[], alone: string | null): Block[][] {
  const spans = new Map(views.map((view) => [view.id, view]));
  const rows: { blocks: Block[]; taken: [number, number][] }[] = [];
  for (const block of blocks) {
    const view = spans.get(block.id);
    const own: [number, number] = view ? [view.start, view.end] : [-Infinity, Infinity];
    const room =
      block.id === alone
        ? undefined
        : rows.find(
            (row) =>
              row.blocks[0]!.id !== alone && row.taken.every(([from, to]) => own[1] <= from || to <= own[0]),
          );
    if (room) {
      room.blocks.push(block);
      room.taken.push(own);
    } else rows.push({ blocks: [block], taken: [own] });
  }
  return rows.map((row) => row.blocks);
}
