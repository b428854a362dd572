import type { KeyClip, KeyRef } from '../keyRows';
import type { Copied } from '../copied';

/** What is looked at and chosen, what is being made of it in the picture, and what was copied. */
export interface Choice {
  scene: string;
  format: string;
  /** Whether changes made in a format are meant for all of them. */
  everywhere: boolean;
  /** The version that is looked at; null for what stands in the project. */
  row: string | null;
  /** The condition that is shown as if it held, and that changes are meant for; null for none. */
  condition: string | null;
  /** Whether changes made in a version are meant for it alone. */
  pinned: boolean;
  block: string | null;
  /** The chosen word of the chosen block, by its place among them. */
  word: number | null;
  /** A piece of the chosen block's words that was picked in the picture. */
  piece: { from: number; to: number; text: string } | null;
  /** Blocks chosen beside it. */
  others: string[];
  /** The only blocks that the picture shows for now; none where it shows all. */
  alone: string[];
  /** Groups whose blocks are moved alone for now. */
  opened: string[];
  /** The chosen keys of the chosen block. */
  keys: KeyRef[];
  /** The chosen cues of the scene. */
  cues: string[];
  /** The block that was just made: its words take the caret. */
  fresh: string | null;
  /** The block that is being given a name, and where that is done. */
  renaming: { block: string; at: 'page' | 'sheet' } | null;
  /** The chosen caption of the scene. */
  caption: string | null;
  /** Captions that are chosen beside it. */
  captionsToo: string[];
  /** Whether what is changed in what dresses captions is meant for the chosen one alone. */
  captionAlone: boolean;
  /** Whether what the scene is is being typed. */
  typingScene: boolean;
  /** The block whose words are being edited; it is shown at rest. */
  editing: string | null;
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
  /** Keys that were copied. */
  clip: KeyClip;
}

export const choice: Choice = {
  scene: '',
  format: '',
  everywhere: false,
  row: null,
  condition: null,
  pinned: true,
  block: null,
  word: null,
  piece: null,
  others: [],
  alone: [],
  opened: [],
  keys: [],
  cues: [],
  fresh: null,
  renaming: null,
  caption: null,
  captionsToo: [],
  captionAlone: false,
  typingScene: false,
  editing: null,
  posing: null,
  writing: null,
  pad: null,
  hand: null,
  copied: null,
  clip: [],
};
