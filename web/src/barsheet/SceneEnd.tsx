import { useRef, type PointerEvent } from 'react';
import type { Operation, Scene } from '../api/client';
import { arrowOf } from '../document/stepping';
import { useDocument } from '../document/store';

/** The scene's end; dragged, it makes the scene longer or shorter. Blocks stay where they are. */
export function SceneEnd({
  scene,
  x,
  perFrame,
}: {
  scene: Scene;
  x: (frame: number) => number;
  perFrame: number;
}) {
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const from = useRef<{ pointer: number; perFrame: number; length: number } | null>(null);
  const operations = (event: PointerEvent): Operation[] => {
    const start = from.current!;
    const length = Math.max(1, start.length + Math.round((event.clientX - start.pointer) / start.perFrame));
    return length === scene.length ? [] : [{ op: 'set', at: `scenes/${scene.id}/length`, value: length }];
  };
  if (scene.ends)
    return (
      <rect className="sceneGrip following" x={x(scene.length) - 5} y="2" width="10" height="19" rx="2">
        <title>
          The scene is as long as its last {scene.ends}. To drag its end, give it a time of its own in its
          sentence.
        </title>
      </rect>
    );
  return (
    <rect
      className="sceneGrip"
      x={x(scene.length) - 5}
      y="2"
      width="10"
      height="19"
      rx="2"
      data-grip="scene"
      role="slider"
      tabIndex={0}
      aria-label="End of the scene"
      aria-valuenow={scene.length}
      aria-valuetext={`${scene.length} frames`}
      onKeyDown={(event) => {
        const by = arrowOf(event)?.x;
        if (!by) return;
        event.preventDefault();
        event.stopPropagation();
        const length = Math.max(1, scene.length + Math.sign(by) * Math.max(1, Math.abs(by)));
        commit([{ op: 'set', at: `scenes/${scene.id}/length`, value: length }], 'scene end');
      }}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { pointer: event.clientX, perFrame, length: scene.length };
      }}
      onPointerMove={(event) => {
        event.stopPropagation();
        if (from.current) preview(operations(event));
      }}
      onPointerUp={(event) => {
        if (from.current) commit(operations(event));
        from.current = null;
      }}
    >
      <title>The scene ends after {scene.length} frames. Drag it or press arrows to change it.</title>
    </rect>
  );
}
