import { useEffect } from 'react';
import { postJson, type CaptionsView, type Scene } from '../api/client';
import { editOrSay } from './edit';
import { draftNow, useDocument } from './store';
import { useStage } from './stage';

export type Caption = NonNullable<CaptionsView['script']>['lines'][number];
export type CaptionLine = NonNullable<Scene['captions']>['lines'][number];

/** What can be done to one caption. */
export type Deed =
  'start' | 'end' | 'move' | 'retype' | 'split' | 'join' | 'insert' | 'remove' | 'likeOthers' | 'free';

/** Corrects one caption; what cannot be done is said. */
export const editCaption = (
  scene: string,
  caption: string,
  deed: Deed,
  more: { column?: string; text?: string; frame?: number } = {},
) => editOrSay({ kind: 'editCaption', scene, caption, deed, ...more });

/** The captions that are told of, in the order in which they come; none where there are none. */
const NONE: Caption[] = [];
export const captionsNow = (): Caption[] => useStage.getState().captions?.script?.lines ?? NONE;

/** The caption that is on at a frame; the first of those that are on together. */
export const captionAt = (captions: Caption[], frame: number) =>
  captions.find((one) => one.start <= frame && frame < one.end);

/** The caption whose look is told of what dresses them: the chosen one, or the one that is on. */
export function dressedNow(): string | null {
  const { caption, frame } = useStage.getState();
  return caption ?? captionAt(captionsNow(), frame)?.id ?? null;
}

const openSceneNow = () =>
  useDocument.getState().document?.scenes.find((one) => one.id === useStage.getState().scene);

/** Whether a block dresses captions: a design, or a plate behind none but designs. */
export function isDressing(scene: Scene | undefined, block: string | null): boolean {
  const designs = scene?.captions?.designs ?? [];
  if (!block || designs.length === 0) return false;
  if (designs.includes(block)) return true;
  const own = scene?.blocks.find((one) => one.id === block);
  return own?.kind === 'shape' && own.shape.kind === 'plate'
    ? own.shape.behind.length > 0 && own.shape.behind.every((id) => designs.includes(id))
    : false;
}

/** Those of the chosen captions that are there, in the order in which they come. */
export function chosenCaptions(): Caption[] {
  const { caption, captionsToo } = useStage.getState();
  return captionsNow().filter((one) => one.id === caption || captionsToo.includes(one.id));
}

/** Chooses another caption beside the chosen one, or all up to it; one that is chosen beside it no longer. */
export function chooseCaptionToo(one: Caption, all: boolean): void {
  const { caption, captionsToo, set } = useStage.getState();
  const captions = captionsNow();
  const from = captions.findIndex((other) => other.id === caption);
  const to = captions.findIndex((other) => other.id === one.id);
  if (from < 0) return chooseCaption(one);
  const reach = captions.slice(Math.min(from, to), Math.max(from, to) + 1).map((other) => other.id);
  const next = all
    ? reach
    : captionsToo.includes(one.id)
      ? captionsToo.filter((id) => id !== one.id)
      : [...captionsToo, one.id];
  set({ captionsToo: next.filter((id) => id !== caption) });
}

/** What tells two captions apart when all have been made anew. */
const lookOf = (scene: Scene | undefined, one: Caption) => {
  const words = scene?.captions?.lines.find((line) => line.id === one.id)?.text ?? {};
  return `${one.start} ${one.end} ${Object.values(words).join('/')}`;
};

let known: { scene: string; looks: Map<string, string>; sound: string; rules: string } | null = null;

/** The captions that are other than when they were last told of, where all have been made anew since. */
function madeAnew(scene: Scene | undefined, told: CaptionsView): string[] {
  const lines = told.script?.lines ?? [];
  const looks = new Map(lines.map((one) => [one.id, lookOf(scene, one)]));
  const rules = told.script?.rules.segments.map((one) => one.text).join('') ?? '';
  const before = known;
  known = { scene: scene?.id ?? '', looks, sound: scene?.captions?.sound ?? '', rules };
  if (!before || before.scene !== known.scene || before.looks.size === 0) return [];
  const seen = new Set(before.looks.values());
  const other = lines.filter((one) => !seen.has(looks.get(one.id) ?? '')).map((one) => one.id);
  const remade = before.rules !== rules || before.sound !== known.sound || remaking;
  remaking = false;
  if (remade) return other;
  return other.length > 0 ? [] : useStage.getState().captionsMade.filter((id) => looks.has(id));
}

let remaking = false;

/** Whether all captions are about to be made anew: those that come out otherwise are marked. */
export const remakes = (now: boolean) => {
  remaking = now;
};

/** Chooses a caption and what it is dressed as, and goes to it where it is not on. */
export function chooseCaption(one: Caption): void {
  const { frame, block, set } = useStage.getState();
  const on = one.start <= frame && frame < one.end;
  const scene = openSceneNow();
  const dressing = isDressing(scene, block) ? {} : { block: scene?.captions?.design ?? null };
  set({
    ...dressing,
    caption: one.id,
    captionsToo: [],
    ...(on ? {} : { frame: Math.ceil(one.start), playing: false }),
  });
}

/** Keeps what is told of the captions up to date with the draft; asked anew when something that it depends on has changed. */
export function useCaptionsView(): void {
  const id = useDocument((state) => state.id);
  const scene = useStage((state) => state.scene);
  const format = useStage((state) => state.format);
  const document = useDocument((state) => state.document);
  // Of what is dragged, only captions make others of captions.
  const gesture = useDocument((state) =>
    state.gesture?.intent.kind === 'editCaption' ? state.gesture : null,
  );
  const open = document?.scenes.find((one) => one.id === scene);
  const { captions, sounds, length, formats, rate, cues, blocks } = open ?? {};
  const voices = document?.voices;
  // Designs are told by their names.
  const names = blocks?.map((block) => block.name).join('/');
  useEffect(() => {
    if (!scene || !format || (!captions && !voices?.length)) {
      useStage.getState().set({ captions: null });
      return;
    }
    let gone = false;
    const draft = draftNow();
    postJson<CaptionsView>(`/api/projects/${id}/captions`, {
      base: draft.base,
      patch: { operations: draft.operations },
      wishes: draft.wishes,
      scene,
      format,
      row: draft.row,
      condition: draft.condition,
    }).then(
      (told) => {
        if (gone) return;
        // What is only dragged is not made anew.
        const made = gesture ? {} : { captionsMade: madeAnew(openSceneNow(), told) };
        useStage.getState().set({ captions: told, ...made });
      },
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [id, scene, format, captions, sounds, length, formats, rate, cues, voices, names, gesture]);
}
