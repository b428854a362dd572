import type { PageView } from '../../api/client';

/** What the server told of what is looked at. */
export interface Told {
  page: PageView | null;
  /** The document that the page tells of; null while it tells of a gesture. */
  told: unknown;
  problem: string;
  /** Rises when font files come or go. */
  fonts: number;
  /** Counts the drafts whose frame has come; what stands beside the picture is asked for after it. */
  shown: number;
}

export const told: Told = {
  page: null,
  told: null,
  problem: '',
  fonts: 0,
  shown: 0,
};
