import { Button } from 'antd';
import type { Block, BlockView } from '../api/client';
import { PHASES } from '../document/phases';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { WritingTools } from './WritingTools';
import { editOrSay } from '../document/edit';

/** Frames later than the others: enough to be seen on the bar sheet, where it is dragged on. */
const LATER = 6;

const NAMES = { arrive: 'arrive', dwell: 'dwell', leave: 'leave' };

/** What can be done with the piece that was picked in the picture: let it go its own way in one of the moves. */
export function PickedPiece({
  block,
  path,
  view,
}: {
  block: Block;
  path: string;
  view: BlockView | undefined;
}) {
  const picked = useStage((state) => state.piece);
  const word = useStage((state) => state.word);
  const commit = useDocument((state) => state.commit);
  const project = useDocument((state) => state.document);
  const span = word === null ? null : view?.words[word];
  const text = block.kind === 'text' ? block.text : '';
  const piece = picked ?? (span ? { ...span, text: text.slice(span.from, span.to) } : null);
  if (!piece || !view) return null;
  const moves = PHASES.flatMap((phase) =>
    (block[phase]?.moves ?? [])
      .filter((move) => move.unit === 'character' || move.unit === 'word')
      .map((move, i) => ({ phase, move, number: i + 1 })),
  );
  const several = (phase: string) => moves.filter((one) => one.phase === phase).length > 1;
  return (
    <>
      <div className="pickedPiece">
        <span>Let “{piece.text}” go its own way:</span>
        {moves.length === 0 && <em>it needs a move by characters or words first</em>}
        {moves.map(({ phase, move, number }) => {
          const there = move.own?.find((own) => own.from < piece.to && own.to > piece.from);
          const at = `${path}/${phase}/moves/${move.id}/own`;
          const add = () => {
            const { format } = useStage.getState();
            const element = { from: piece.from, to: piece.to, shift: LATER };
            editOrSay({ kind: 'addTo', list: at, format, stem: 'o', numbered: false, element });
          };
          return (
            <Button
              key={`${phase} ${move.id}`}
              size="small"
              type={there ? 'primary' : 'default'}
              aria-pressed={there !== undefined}
              onClick={() => (there ? commit([{ op: 'remove', at: `${at}/${there.id}` }]) : add())}
            >
              {NAMES[phase]}
              {several(phase) ? ` ${number}` : ''}
            </Button>
          );
        })}
      </div>
      {picked && project && <WritingTools project={project} block={block} piece={picked} />}
    </>
  );
}
