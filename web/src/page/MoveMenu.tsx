import { MoreOutlined } from '@ant-design/icons';
import { Dropdown } from 'antd';
import type { Block, Intent, Operation } from '../api/client';
import { useDocument } from '../document/store';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';
import { muting, soloing } from '../document/moveEdits';
import type { PhaseName } from '../document/phases';

/**
 * What can be done with a move as a whole. The move is found by its id, as its sentence may be older than the
 * document by a moment: a place in the list would then be another move's.
 */
export function MoveMenu({
  block,
  phase,
  id,
  path,
}: {
  block: Block;
  phase: PhaseName;
  id: string;
  /** Of the block. */
  path: string;
}) {
  const commit = useDocument((state) => state.commit);
  const set = useStage((state) => state.set);
  const moves = block[phase]?.moves ?? [];
  const index = moves.findIndex((one) => one.id === id);
  const move = moves[index];
  const list = `${path}/${phase}/moves`;
  const posing = useStage((state) => move !== undefined && state.posing === `${list}/${move.id}`);
  if (!move) return null;
  const others = moves.filter((one) => one !== move);
  const alone = others.length > 0 && !move.muted && others.every((one) => one.muted);
  const format = () => useStage.getState().format;
  const intents: Record<string, () => Intent> = {
    twice: () => ({
      kind: 'addTo',
      list,
      format: format(),
      stem: 'm',
      numbered: false,
      index: index + 1,
      element: move,
    }),
    share: () => ({
      kind: 'shareMove',
      scene: path.split('/')[1]!,
      format: format(),
      block: block.id,
      phase,
      move: move.id,
    }),
  };
  const actions: Record<string, () => Operation[]> = {
    mute: () => muting(list, [move], !move.muted),
    solo: () => (alone ? muting(list, moves, false) : soloing(list, moves, id)),
    earlier: () => [{ op: 'reorder', at: `${list}/${move.id}`, index: index - 1 }],
    later: () => [{ op: 'reorder', at: `${list}/${move.id}`, index: index + 1 }],
    detach: () => [{ op: 'clear', at: `${list}/${move.id}/shared` }],
    remove: () => [{ op: 'remove', at: `${list}/${move.id}` }],
  };
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: 'mute', label: move.muted ? 'unmute' : 'mute' },
          { key: 'solo', label: alone ? 'hear all again' : 'this one alone', disabled: others.length === 0 },
          { key: 'twice', label: 'duplicate' },
          { key: 'pose', label: posing ? 'hide away' : 'show away', disabled: phase === 'dwell' },
          { key: 'earlier', label: 'move up', disabled: index === 0 },
          { key: 'later', label: 'move down', disabled: index === moves.length - 1 },
          move.shared
            ? { key: 'detach', label: `detach from “${move.shared}”` }
            : { key: 'share', label: 'share' },
          { key: 'copy', label: 'copy' },
          { key: 'copyAll', label: 'copy the whole phase' },
          { type: 'divider' },
          { key: 'remove', label: 'leave this move out' },
        ],
        onClick: ({ key }) => {
          if (key === 'pose') set({ posing: posing ? null : `${list}/${move.id}` });
          else if (key === 'copy') set({ copied: { phase, moves: [structuredClone(move)] } });
          else if (key === 'copyAll') set({ copied: { phase, moves: structuredClone(moves) } });
          else if (intents[key]) editOrSay(intents[key]());
          else commit(actions[key]?.() ?? []);
        },
      }}
    >
      <button className="typeIt" aria-label="More for this move">
        <MoreOutlined />
      </button>
    </Dropdown>
  );
}
