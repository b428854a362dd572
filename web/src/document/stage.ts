import { create } from 'zustand';
import type { PageView } from '../api/client';
import type { KeyClip, KeyRef } from './keyRows';
import type { Copied } from './moveEdits';

export type Density = 'words' | 'short' | 'full';

export interface StageState {
  scene: string;
  format: string;
  frame: number;
  playing: boolean;
  loop: boolean;
  dropped: number;
  block: string | null;
  /** The chosen word of the chosen block, by its place among them. */
  word: number | null;
  /** A piece of the chosen block's words that was picked in the picture. */
  piece: { from: number; to: number; text: string } | null;
  /** The move whose away pose lies as a ghost in the picture: its path. */
  posing: string | null;
  /** The letter of the chosen block whose strokes are being drawn over: its offset in the words. */
  writing: number | null;
  /** The angle or point of an order, set in the picture while its drawer is open. */
  pad: { at: string; angle?: number; x?: number; y?: number } | null;
  /** An order that is being made by clicking pieces in the picture: where it is kept, and the pieces so far. */
  hand: { at: string; units: string[] } | null;
  /** Moves that were copied, to be pasted into other phases. */
  copied: Copied | null;
  /** Blocks chosen beside it. */
  others: string[];
  /** The block whose words are being edited; it is shown at rest. */
  editing: string | null;
  page: PageView | null;
  /** The document that the page tells of; null while it tells of a gesture. */
  told: unknown;
  problem: string;
  /** Rises when font files come or go. */
  fonts: number;
  /** Counts the drafts whose frame has come; what stands beside the picture is asked for after it. */
  shown: number;
  /** Whether changes made in a format are meant for all of them. */
  everywhere: boolean;
  /** Groups whose blocks are moved alone for now. */
  opened: string[];
  /** Whether what is dragged in the bar sheet is drawn to what lies near. */
  snapping: boolean;
  /** Whether blocks that are never on together share a row of the bar sheet. */
  packed: boolean;
  /** The stretch that is played, [from, to); null plays the whole scene. */
  range: { from: number; to: number } | null;
  /** How fast it is played. */
  speed: number;
  /** The chosen keys of the chosen block. */
  keys: KeyRef[];
  /** Keys that were copied. */
  clip: KeyClip;
  /** Whether what is changed at another time becomes a key of that time. */
  recording: boolean;
  /** Frames between the picture and each of its neighbours that shine through; 0 for none. */
  onion: number;
  /** Whether sounds are heard. */
  sound: boolean;
  /** Whether all scenes are looked at, one after the other. */
  film: boolean;
  /** All formats side by side under the picture. */
  strip: boolean;
  rulers: boolean;
  /** All blocks as a table instead of the page. */
  ledger: boolean;
  safeAreas: boolean;
  /** While a key is held: the picture without what lies over it. */
  bare: boolean;
  orderThread: boolean;
  density: Density;
  /** The picture's scale; fit follows the room. */
  zoom: 'fit' | number;
  set: (change: Partial<Omit<StageState, 'set'>>) => void;
}

/** What is shown and selected; nothing of it is saved with the document. */
export const useStage = create<StageState>((set) => ({
  scene: '',
  format: '',
  frame: 0,
  playing: false,
  loop: true,
  dropped: 0,
  block: null,
  word: null,
  piece: null,
  posing: null,
  writing: null,
  pad: null,
  hand: null,
  copied: null,
  others: [],
  editing: null,
  page: null,
  told: null,
  problem: '',
  fonts: 0,
  shown: 0,
  everywhere: false,
  opened: [],
  snapping: true,
  packed: false,
  range: null,
  speed: 1,
  keys: [],
  clip: [],
  recording: false,
  onion: 0,
  sound: true,
  film: false,
  strip: true,
  rulers: false,
  ledger: false,
  safeAreas: true,
  bare: false,
  orderThread: true,
  density: 'full',
  zoom: 'fit',
  set: (change) => set((now) => ({ ...followUp(now, change), ...change })),
}));

/** What a choice lets go of: another block, the ones beside it; another letter, the drawing over this one. */
function followUp(now: StageState, change: Partial<StageState>): Partial<StageState> {
  const ends = now.writing !== null && ('block' in change || 'piece' in change || change.writing === null);
  return {
    ...('block' in change ? { others: [], word: null, piece: null, posing: null, keys: [] } : {}),
    ...(ends ? { writing: null, editing: null } : {}),
  };
}
