import type { Project } from '../api/client';
import { arrived, leave, leftFor } from '../document/reload';
import { useDocument } from '../document/store';
import { useStage, type StageState } from '../document/stage';
import { unwritten } from '../document/unwritten';
import { middleOf } from '../document/times';
import { rowOf } from '../document/versioned';

/** What of the workbench is the same after a reload. */
const KEPT = [
  'scene',
  'format',
  'row',
  'pinned',
  'block',
  'others',
  'frame',
  'range',
  'density',
  'strip',
  'rulers',
  'ledger',
  'captionList',
  'safeAreas',
  'orderThread',
  'zoom',
  'sheetZoom',
  'snapping',
  'packed',
  'loop',
  'speed',
  'sound',
  'onion',
] as const satisfies (keyof StageState)[];

type Place = Partial<Pick<StageState, (typeof KEPT)[number]>>;

/** What an address may name. */
interface Wanted {
  scene?: string | null;
  format?: string | null;
  row?: string | null;
}

/** What was looked at before the page was reloaded; null where it was not. */
export const placeLeft = (project: string): Place | null => leftFor(project)?.place ?? null;

/**
 * Shows a scene of a project that was opened: as it was left before a reload, otherwise the one wanted, or the first.
 *
 * @param wanted what the address names: a scene, one of its formats, a version
 * @param resting whether the playhead begins where the words stand, which are there to be typed over; in a version it does as well
 */
export function goTo(project: Project, wanted: Wanted, left: Place | null, resting = false): void {
  arrived();
  const scene = project.scenes.find((one) => one.id === (left?.scene ?? wanted.scene)) ?? project.scenes[0];
  const first = scene?.blocks.find((block) => block.kind === 'text');
  const there = (id: string | null | undefined) => scene?.blocks.some((block) => block.id === id);
  const same = left !== null && scene?.id === left.scene;
  useStage.getState().set({
    ...(left ?? {}),
    scene: scene?.id ?? '',
    format:
      scene?.formats.find((one) => one.id === (same ? left.format : wanted.format))?.id ??
      scene?.formats[0]?.id ??
      '',
    row: rowOf(project, (left ? left.row : wanted.row) ?? null)?.id ?? null,
    version: null,
    condition: null,
    frame:
      scene && same
        ? Math.min(left.frame ?? 0, scene.length - 1)
        : scene && (resting || wanted.row)
          ? middleOf(scene)
          : 0,
    range: same ? (left.range ?? null) : null,
    playing: false,
    block: same && there(left.block) ? (left.block ?? null) : (first?.id ?? null),
    others: same ? (left.others ?? []).filter(there) : [],
    editing: null,
    // The caret stands in words that wait for being typed.
    fresh: scene && first && !same && (resting || unwritten(scene.blocks)) ? first.id : null,
    page: null,
  });
}

/** Keeps what a reload comes back to, when the page goes. */
export function keptWhenLeft(): () => void {
  const keep = () => {
    const { id, base, document, undoSteps, redoSteps } = useDocument.getState();
    if (!document) return;
    const stage = useStage.getState();
    leave({
      project: id,
      base,
      undoSteps,
      redoSteps,
      place: Object.fromEntries(KEPT.map((name) => [name, stage[name]])),
    });
  };
  addEventListener('pagehide', keep);
  return () => removeEventListener('pagehide', keep);
}
