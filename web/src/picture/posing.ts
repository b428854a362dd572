import type { BlockView, Intent } from '../api/client';
import { useStage } from '../document/stage';

/** Where a ghost is away from rest: px of the base frame, degrees clockwise, a factor. */
export type Pose = BlockView['moves'][number]['pose'];

/** What a path of a move names: `scenes/s/blocks/b/arrive/moves/m`. */
export function posedMove(path: string) {
  const [, scene = '', , block = '', phase = '', , move = ''] = path.split('/');
  return { scene, format: useStage.getState().format, block, phase, move };
}

/** Lets the move at a path come from a pose. */
export const posing = (path: string, pose: Pose): Intent => ({
  kind: 'poseMove',
  ...posedMove(path),
  pose: { ...pose, x: tenth(pose.x), y: tenth(pose.y), scale: Math.max(0, Math.min(20, pose.scale)) },
});

const tenth = (value: number) => Number(value.toFixed(1));
