import type { CaptionsView, PageView, Scene } from '../../api/client';

/** What the server told of what is looked at. */
export interface Told {
  page: PageView | null;
  /** The document that the page tells of; null while it tells of a gesture. */
  told: unknown;
  /** The scene with the version and the conditions in it that are looked at; null where it is as it stands, or not known yet. */
  version: { row: string | null; scene: Scene } | null;
  /** What there is to say of the scene's captions; null where there are none and none can be made. */
  captions: CaptionsView | null;
  /** Captions that are other than before they were made anew. */
  captionsMade: string[];
  problem: string;
  /** Rises when font files come or go. */
  fonts: number;
  /** Counts the drafts whose frame has come; what stands beside the picture is asked for after it. */
  shown: number;
}

export const told: Told = {
  page: null,
  told: null,
  version: null,
  captions: null,
  captionsMade: [],
  problem: '',
  fonts: 0,
  shown: 0,
};
