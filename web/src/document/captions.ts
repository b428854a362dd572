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

/** Chooses a caption and what it is dressed as, and goes to it where it is not on. */
export function chooseCaption(one: Caption): void {
  const { frame, block, set } = useStage.getState();
  const on = one.start <= frame && frame < one.end;
  const scene = openSceneNow();
  const dressing = isDressing(scene, block) ? {} : { block: scene?.captions?.design ?? null };
  set({ ...dressing, caption: one.id, ...(on ? {} : { frame: Math.ceil(one.start), playing: false }) });
}

/** Keeps what is told of the captions up to date with the draft; asked anew when something that it depends on has changed. */
export function useCaptionsView(): void {
  const id = useDocument((state) => state.id);
  const scene = useStage((state) => state.scene);
  const format = useStage((state) => state.format);
  const document = useDocument((state) => state.document);
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
    }).then(
      (told) => !gone && useStage.getState().set({ captions: told }),
      () => undefined,
    );
    return () => {
      gone = true;
    };
  }, [id, scene, format, captions, sounds, length, formats, rate, cues, voices, names]);
}
