/** In a scene of more blocks than this only the rows and cards in sight are drawn; of fewer, all cost less than looking which. */
export const MANY_BLOCKS = 40;
