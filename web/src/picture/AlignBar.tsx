import type { BlockView, Scene } from '../api/client';
import { useDocument } from '../document/store';
import { moveBy, type Fit } from './moving';
import { aligned, distributed, type Align } from './snapping';

const WAYS: { how: Align; label: string }[] = [
  { how: 'left', label: 'left edges' },
  { how: 'centre', label: 'centres' },
  { how: 'right', label: 'right edges' },
  { how: 'top', label: 'tops' },
  { how: 'middle', label: 'middles' },
  { how: 'bottom', label: 'bottoms' },
  { how: 'baseline', label: 'baselines' },
];

/** Levels several chosen blocks with the first one, or spaces them evenly. */
export function AlignBar({ views, scene, fit }: { views: BlockView[]; scene: Scene; fit: Fit }) {
  const commit = useDocument((state) => state.commit);
  const move = (moves: Map<string, { dx: number; dy: number }>) =>
    commit(
      [...moves].flatMap(([id, { dx, dy }]) =>
        dx === 0 && dy === 0 ? [] : moveBy(scene, id, dx, dy, fit, 0.01),
      ),
    );
  return (
    <div className="alignBar" role="toolbar" aria-label="Align the chosen blocks">
      <span>Level</span>
      {WAYS.map(({ how, label }) => (
        <button key={how} onClick={() => move(aligned(views, how))}>
          {label}
        </button>
      ))}
      {views.length > 2 && (
        <>
          <span>Even gaps</span>
          <button onClick={() => move(distributed(views, 'x'))}>across</button>
          <button onClick={() => move(distributed(views, 'y'))}>down</button>
        </>
      )}
    </div>
  );
}
