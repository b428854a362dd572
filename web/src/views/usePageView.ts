import { useEffect, useRef } from 'react';
import { postJson, type PageView } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** Keeps the directions and times beside the picture up to date with the draft; one question at a time. */
export function usePageView(): void {
  const id = useDocument((state) => state.id);
  const unsaved = useDocument((state) => state.unsaved);
  const live = useDocument((state) => state.live);
  const loaded = useDocument((state) => state.document !== null);
  const scene = useStage((state) => state.scene);
  const format = useStage((state) => state.format);
  const asking = useRef(false);
  const again = useRef(false);

  useEffect(() => {
    if (!loaded || !scene || !format) return;
    const ask = async () => {
      if (asking.current) {
        again.current = true;
        return;
      }
      asking.current = true;
      try {
        do {
          again.current = false;
          const now = useDocument.getState();
          const stage = useStage.getState();
          const page = await postJson<PageView>(`/api/projects/${now.id}/page`, {
            base: now.base,
            patch: { operations: [...now.unsaved, ...now.live] },
            scene: stage.scene,
            format: stage.format,
          });
          if (useStage.getState().scene === stage.scene) useStage.getState().set({ page, problem: '' });
        } while (again.current);
      } catch (error) {
        useStage.getState().set({ problem: error instanceof Error ? error.message : String(error) });
      } finally {
        asking.current = false;
      }
    };
    void ask();
  }, [id, unsaved, live, loaded, scene, format]);
}
