export type Density = 'words' | 'short' | 'full';
/** A part of the workbench that can be folded away. */
export type Fold = 'page' | 'picture' | 'sheet';

/** What is shown beside and over the picture. */
export interface Looks {
  density: Density;
  /** Whether all scenes are looked at, one after the other. */
  film: boolean;
  /** The sound whose words are looked at in the voice room. */
  voice: string | null;
  /** All formats side by side under the picture. */
  strip: boolean;
  rulers: boolean;
  /** All blocks as a table instead of the page. */
  ledger: boolean;
  /** All captions as a list instead of the page. */
  captionList: boolean;
  safeAreas: boolean;
  /** While a key is held: the picture without what lies over it. */
  bare: boolean;
  orderThread: boolean;
  /** The picture's scale; fit follows the room. */
  zoom: 'fit' | number;
  /** How many times wider than its room the bar sheet draws the scene. */
  sheetZoom: number;
  /** Whether what is dragged in the bar sheet is drawn to what lies near. */
  snapping: boolean;
  /** Whether blocks that are never on together share a row of the bar sheet. */
  packed: boolean;
  /** What is folded away. */
  folded: Fold[];
}

export const looks: Looks = {
  density: 'full',
  film: false,
  voice: null,
  strip: true,
  rulers: false,
  ledger: false,
  captionList: false,
  safeAreas: true,
  bare: false,
  orderThread: true,
  zoom: 'fit',
  sheetZoom: 1,
  snapping: true,
  packed: false,
  folded: [],
};
