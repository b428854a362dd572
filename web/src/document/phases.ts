/** The phases of a block, in the order in which they come. */
export const PHASES = ['arrive', 'dwell', 'leave'] as const;
export type PhaseName = (typeof PHASES)[number];
