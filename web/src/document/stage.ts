import { create } from 'zustand';
import { choice, type Choice } from './stage/choice';
import { looks, type Looks } from './stage/looks';
import { playing, type Playing } from './stage/playing';
import { told, type Told } from './stage/told';

export type { Density, Fold } from './stage/looks';

export interface StageState extends Playing, Choice, Looks, Told {
  set: (change: Partial<Omit<StageState, 'set'>>) => void;
}

/** What is shown and selected; nothing of it is saved with the document. */
export const useStage = create<StageState>((set) => ({
  ...playing,
  ...choice,
  ...looks,
  ...told,
  set: (change) => set((now) => ({ ...followUp(now, change), ...change })),
}));

/** What a choice lets go of: another block, the ones beside it; another letter, the drawing over this one. */
function followUp(now: StageState, change: Partial<StageState>): Partial<StageState> {
  const ends = now.writing !== null && ('block' in change || 'piece' in change || change.writing === null);
  return {
    ...('block' in change ? { others: [], word: null, piece: null, posing: null, keys: [] } : {}),
    ...('scene' in change && change.scene !== now.scene
      ? { caption: null, captionsToo: [], captionAlone: false, captions: null, captionsMade: [] }
      : {}),
    ...('caption' in change && change.caption === null ? { captionAlone: false } : {}),
    ...('row' in change && change.row !== now.row ? { version: null, page: null } : {}),
    ...('scene' in change && change.scene !== now.scene ? { condition: null, version: null } : {}),
    ...('scene' in change ? { alone: [], cues: [], typingScene: false } : {}),
    ...(ends ? { writing: null, editing: null } : {}),
  };
}
