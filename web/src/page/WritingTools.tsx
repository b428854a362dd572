import { Button } from 'antd';
import type { Block, Project } from '../api/client';
import { PHASES } from '../document/phases';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** For a letter that a pen writes: its strokes can be drawn over in the picture. */
export function WritingTools({
  project,
  block,
  piece,
}: {
  project: Project;
  block: Block;
  piece: { from: number; text: string };
}) {
  const writing = useStage((state) => state.writing);
  const set = useStage((state) => state.set);
  const commit = useDocument((state) => state.commit);
  const written = PHASES.some((phase) =>
    block[phase]?.moves.some((move) => move.channels?.some((channel) => channel.property === 'write')),
  );
  if (!written || block.kind !== 'text') return null;
  const run = block.runs?.find((one) => one.face && one.from <= piece.from && one.to > piece.from);
  const family = (run?.face ?? block.setting.face).family;
  const own = project.lettering?.find((one) => one.family === family && one.character === piece.text);
  const on = writing === piece.from;
  return (
    <div className="pickedPiece">
      <span>How “{piece.text}” is written:</span>
      <Button
        size="small"
        type={on ? 'primary' : 'default'}
        aria-pressed={on}
        title="Draw its strokes in the picture, in the order and direction in which they are to be written"
        onClick={() => set(on ? { writing: null } : { writing: piece.from, editing: block.id })}
      >
        {on ? 'done' : 'draw over it'}
      </Button>
      {own && (
        <>
          {own.strokes.length > 1 && (
            <Button
              size="small"
              onClick={() =>
                commit([{ op: 'set', at: `lettering/${own.id}/strokes`, value: own.strokes.slice(0, -1) }])
              }
            >
              without the last stroke
            </Button>
          )}
          <Button size="small" onClick={() => commit([{ op: 'remove', at: `lettering/${own.id}` }])}>
            as worked out
          </Button>
        </>
      )}
      {on && <em>{own ? 'the next stroke goes after these' : 'the first stroke begins it anew'}</em>}
    </div>
  );
}
