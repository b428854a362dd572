import type { BlockView, Scene } from '../api/client';
import { beatsOf } from '../document/beats';
import { spokenIn } from '../document/spoken';
import { frames } from '../document/times';

/**
 * The frames that a dragged edge is drawn to: playhead, scene ends, beats, cues, spoken words, other blocks' edges.
 *
 * @param own blocks that are dragged
 */
export function snapPoints(scene: Scene, views: BlockView[], own: string[], playhead: number): number[] {
  const points = [0, scene.length, playhead];
  for (const view of views) {
    if (!own.includes(view.id)) points.push(view.start, view.arriveEnd, view.leaveStart, view.end);
  }
  for (const cue of scene.cues ?? []) points.push(frames(cue.at));
  for (const word of spokenIn(scene)) points.push(word.at);
  for (const beat of beatsOf(scene, scene.length)) points.push(beat.at);
  return points.map(Math.round);
}

/** The nearest point within reach, or null. */
export function snap(frame: number, points: number[], reach: number): number | null {
  let best: number | null = null;
  for (const point of points) {
    const distance = Math.abs(point - frame);
    if (distance <= reach && (best === null || distance < Math.abs(best - frame))) best = point;
  }
  return best;
}
