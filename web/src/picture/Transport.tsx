import type { Scene } from '../api/client';
import { useStage } from '../document/stage';
import { timecode } from './timecode';

/** Playing, the time, and what is laid over the picture. */
export function Transport({ scene, scale }: { scene: Scene; scale: number }) {
  const stage = useStage();
  const rate = scene.rate.numerator / scene.rate.denominator;
  const toggle = (name: 'safeAreas' | 'orderThread' | 'loop', label: string) => (
    <button
      className={stage[name] ? 'on' : ''}
      aria-pressed={stage[name]}
      onClick={() => stage.set({ [name]: !stage[name] })}
    >
      {label}
    </button>
  );
  return (
    <div className="transport">
      <button
        className="play"
        aria-label={stage.playing ? 'Stop' : 'Play'}
        onClick={() => stage.set({ playing: !stage.playing, dropped: 0 })}
      >
        {stage.playing ? '■' : '▶'}
      </button>
      <b className="time">{timecode(stage.frame, scene.rate)}</b>
      <span>{Number(rate.toFixed(3))} fps</span>
      {toggle('loop', 'loop')}
      {stage.playing && stage.dropped > 0 && <span className="dropped">{stage.dropped} frames dropped</span>}
      <span className="gap" />
      {toggle('orderThread', 'order thread')}
      {toggle('safeAreas', 'safe areas')}
      <button
        title="Fit or 100 %; Ctrl and the wheel zoom"
        onClick={() => stage.set({ zoom: stage.zoom === 'fit' ? 1 : 'fit' })}
      >
        {stage.zoom === 'fit' ? 'fit · ' : ''}
        {Math.round(scale * 100)} %
      </button>
    </div>
  );
}
