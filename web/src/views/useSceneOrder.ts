import { useState, type DragEvent } from 'react';
import type { Scene } from '../api/client';
import { useDocument } from '../document/store';

/** A scene that is dragged along the bar. */
const DRAGGED = 'application/x-knollwind-scene';

/** Where a scene comes to that is dropped on another one's half, among scenes in this order. */
export function droppedAt(order: string[], dragged: string, on: string, side: 'before' | 'after'): number {
  const rest = order.filter((id) => id !== dragged);
  return rest.indexOf(on) + (side === 'after' ? 1 : 0);
}

/** Scenes are dragged into order. */
export function useSceneOrder(scenes: Scene[]) {
  const commit = useDocument((state) => state.commit);
  const [landing, setLanding] = useState<{ on: string; side: 'before' | 'after' } | null>(null);
  const sideOf = (event: DragEvent) => {
    const { left, width } = event.currentTarget.getBoundingClientRect();
    return event.clientX < left + width / 2 ? 'before' : 'after';
  };
  return (scene: Scene) => ({
    draggable: true,
    'data-landing': landing?.on === scene.id ? landing.side : undefined,
    onDragStart: (event: DragEvent) => {
      event.dataTransfer.setData(DRAGGED, scene.id);
      event.dataTransfer.effectAllowed = 'move';
    },
    onDragOver: (event: DragEvent) => {
      if (!event.dataTransfer.types.includes(DRAGGED)) return;
      event.preventDefault();
      setLanding({ on: scene.id, side: sideOf(event) });
    },
    onDragLeave: () => setLanding(null),
    onDrop: (event: DragEvent) => {
      const dragged = event.dataTransfer.getData(DRAGGED);
      setLanding(null);
      if (!dragged || dragged === scene.id) return;
      event.preventDefault();
      const order = scenes.map((one) => one.id);
      const index = droppedAt(order, dragged, scene.id, sideOf(event));
      if (index !== order.indexOf(dragged)) commit([{ op: 'reorder', at: `scenes/${dragged}`, index }]);
    },
  });
}
