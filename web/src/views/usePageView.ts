import { useEffect, useRef } from 'react';
import { postJson, RequestError, type Operation, type PageView, type Scene } from '../api/client';
import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { dressedNow } from '../document/captions';
import { asBefore } from '../document/asBefore';
import { isBase } from '../document/overrides';
import { until } from '../document/until';

const PATIENCE_MS = 120;
const RETRY_MS = 1500;

/** Whether the same question may be answered later. */
const mayPass = (error: unknown) =>
  error instanceof RequestError && (error.problem.status === 0 || error.problem.status >= 500);

/** Ends when the newest draft's frame has come, or when that takes too long. */
function frameHasCome(): Promise<void> {
  const { shown } = useStage.getState();
  return until(() => useStage.getState().shown !== shown, PATIENCE_MS);
}

/** While something is dragged the picture has half of the time; the question that ends the gesture waits for nothing. */
const pictureHasHalf = (took: number) => until(() => !isDragging(), took);

const isDragging = () => {
  const { live, gesture } = useDocument.getState();
  return live.length > 0 || gesture !== null;
};

/** The block whose keyed values are told frame by frame, and the caption as which it is told where it dresses them. */
function chosen(block: string | null): string {
  const caption = dressedNow();
  const asked = new URLSearchParams({ ...(block ? { chosen: block } : {}), ...(caption ? { caption } : {}) });
  return asked.size > 0 ? `?${asked}` : '';
}

/** Keeps the directions and times beside the picture up to date with the draft; the picture first, one question at a time. */
export function usePageView(): void {
  const id = useDocument((state) => state.id);
  // Saving alone changes the base, not the document: it asks nothing anew.
  const document = useDocument((state) => state.document);
  const live = useDocument((state) => state.live);
  const gesture = useDocument((state) => state.gesture);
  const pending = useDocument((state) => state.pending);
  const scene = useStage((state) => state.scene);
  const format = useStage((state) => state.format);
  const row = useStage((state) => state.row);
  const condition = useStage((state) => state.condition);
  const fonts = useStage((state) => state.fonts);
  const block = useStage((state) => state.block);
  const caption = useStage((state) => state.caption);
  const asking = useRef(false);
  const again = useRef(false);

  useEffect(() => {
    if (!document || !scene || !format) return;
    const ask = async () => {
      if (asking.current) {
        again.current = true;
        return;
      }
      asking.current = true;
      try {
        do {
          again.current = false;
          await frameHasCome();
          const asked = performance.now();
          const now = useDocument.getState();
          const draft = draftNow();
          const dragged = isDragging() || now.pending.length > 0;
          const stage = useStage.getState();
          const page = await postJson<PageView>(`/api/projects/${now.id}/page${chosen(stage.block)}`, {
            base: draft.base,
            patch: { operations: draft.operations },
            wishes: draft.wishes,
            scene: stage.scene,
            format: stage.format,
            row: draft.row,
            condition: draft.condition,
          });
          const there = useStage.getState();
          const { document: newest, pending: wished, join } = useDocument.getState();
          // What is wished meanwhile is shown on what was told before; the answer to it brings the newer state along.
          const fresh = !dragged && wished.length === 0 && newest === now.document;
          if (there.scene === stage.scene && there.row === stage.row && there.condition === stage.condition)
            there.set({
              ...(fresh
                ? {
                    version: page.version
                      ? { row: stage.row, scene: page.version as unknown as Scene }
                      : null,
                  }
                : {}),
              page: asBefore(page, there.page),
              problem: '',
              told: dragged ? null : now.document,
            });
          const open = newest?.scenes.find((one) => one.id === stage.scene);
          // In other formats and in versions blocks may end at other times; the base decides.
          if (
            !dragged &&
            !stage.row &&
            !stage.condition &&
            newest === now.document &&
            open &&
            isBase(open, stage.format)
          )
            join(page.following as Operation[]);
          if (again.current) await pictureHasHalf(performance.now() - asked);
        } while (again.current);
      } catch (error) {
        useStage.getState().set({ problem: error instanceof Error ? error.message : String(error) });
        // A server that was away is asked again; whatever changes meanwhile asks by itself.
        if (mayPass(error)) retry = setTimeout(() => void ask(), RETRY_MS);
      } finally {
        asking.current = false;
      }
    };
    let retry: ReturnType<typeof setTimeout> | undefined;
    void ask();
    return () => clearTimeout(retry);
  }, [id, document, live, gesture, pending, scene, format, row, condition, fonts, block, caption]);
}
