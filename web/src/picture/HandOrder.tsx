import type { BlockView } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** The pieces of a move, to be clicked in the sequence in which they are to have their turn. */
export function HandOrder({ view, scale }: { view: BlockView; scale: number }) {
  const hand = useStage((state) => state.hand);
  const set = useStage((state) => state.set);
  const commit = useDocument((state) => state.commit);
  const move = hand && view.moves.find((one) => hand.at.endsWith(`/${one.phase}/moves/${one.id}/order/hand`));
  if (!hand || !move) return null;
  const click = (id: string) => {
    // Clicks may follow one another faster than the page is drawn anew.
    const now = useStage.getState().hand?.units ?? [];
    const units = now.includes(id) ? now.filter((one) => one !== id) : [...now, id];
    set({ hand: { at: hand.at, units } });
    commit([{ op: 'set', at: hand.at, value: units }]);
  };
  return (
    <g className="handOrder">
      {move.units.map((unit) => {
        const turn = hand.units.indexOf(unit.id);
        const { left, top, right, bottom } = unit.box;
        return (
          <g
            key={unit.id}
            data-unit={unit.id}
            className={turn < 0 ? '' : 'dealt'}
            onPointerDown={(event) => {
              event.stopPropagation();
              click(unit.id);
            }}
          >
            <rect
              x={left}
              y={top}
              width={Math.max(0, right - left)}
              height={Math.max(0, bottom - top)}
              strokeWidth={1 / scale}
            />
            {turn >= 0 && (
              <text x={(left + right) / 2} y={top + 15 / scale} fontSize={12 / scale} textAnchor="middle">
                {turn + 1}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}
