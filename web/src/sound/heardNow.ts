import type { Heard } from '../api/client';
import type { StageState } from '../document/stage';

const NOTHING: Heard[] = [];

/** What is heard of the open scene; nothing while its sounds are switched off. */
export const heardNow = (stage: StageState): Heard[] =>
  stage.sound ? (stage.page?.heard ?? NOTHING) : NOTHING;
