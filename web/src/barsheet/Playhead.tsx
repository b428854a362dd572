import { useStage } from '../document/stage';

/** Where the picture stands in time; drawn by itself, so that playing does not draw the ribbons anew. */
export function Playhead({ x }: { x: (frame: number) => number }) {
  const frame = useStage((state) => state.frame);
  return (
    <>
      <line className="playhead" x1={x(frame)} x2={x(frame)} y1="0" y2="100%" />
      <path className="playheadCap" d={`M${x(frame) - 6} 0h12v7l-6 6l-6-6z`} />
    </>
  );
}
