import type { BlockView } from '../api/client';
import { useStage, type StageState } from '../document/stage';

/** Marks the pieces that go their own way, and the one that was picked. */
export function OwnPieces({ view, scale }: { view: BlockView; scale: number }) {
  const piece = useStage((state) => state.piece);
  const marked = new Map<string, BlockView['moves'][number]['units'][number]>();
  for (const move of view.moves) for (const unit of move.units) if (unit.own) marked.set(unit.id, unit);
  const picked = piece && characters(view).find((unit) => unit.from === piece.from);
  const size = 4 / scale;
  return (
    <g className="ownPieces">
      {[...marked.values()].map((unit) => {
        const x = (unit.box.left + unit.box.right) / 2;
        const y = unit.box.top - 2 * size;
        return (
          <path
            key={unit.id}
            data-own={unit.id}
            d={`M${x - size} ${y} L${x} ${y - size} L${x + size} ${y} L${x} ${y + size} Z`}
          />
        );
      })}
      {picked && (
        <rect
          className="picked"
          x={picked.box.left}
          y={picked.box.top}
          width={Math.max(0, picked.box.right - picked.box.left)}
          height={Math.max(0, picked.box.bottom - picked.box.top)}
          strokeWidth={1.5 / scale}
        />
      )}
    </g>
  );
}

/** The characters of a block; empty while none of its moves goes by characters. */
const characters = (view: BlockView) =>
  view.moves.find((move) => move.units.some((unit) => unit.id.startsWith('c.')))?.units ?? [];

/** The character whose box holds the point. */
export function characterAt(view: BlockView, x: number, y: number): StageState['piece'] {
  const unit = characters(view).find(
    ({ box }) => x >= box.left && x <= box.right && y >= box.top && y <= box.bottom,
  );
  return unit ? { from: unit.from, to: unit.to, text: unit.text } : null;
}
