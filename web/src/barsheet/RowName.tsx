import { LockOutlined } from '@ant-design/icons';
import type { Block } from '../api/client';
import { NameField } from '../controls/NameField';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** What a row of the sheet is called by: a click chooses its block, with Shift beside others. */
export function RowName({
  block,
  path,
  open,
  note,
}: {
  block: Block;
  path: string;
  open: boolean;
  /** What there is to say of its units. */
  note: string;
}) {
  const also = useStage((state) => state.others.includes(block.id));
  const problem = useStage((state) => state.page?.problems.find((one) => one.block === block.id)?.message);
  const renamed = useStage((state) => state.renaming?.at === 'sheet' && state.renaming.block === block.id);
  const commit = useDocument((state) => state.commit);
  const set = useStage((state) => state.set);
  if (renamed)
    return (
      <NameField
        className="name"
        label="Name of the block"
        name={block.name}
        give={(name) => commit([{ op: 'set', at: `${path}/name`, value: name }])}
        close={() => set({ renaming: null })}
      />
    );
  const choose = (beside: boolean) => {
    const { block: chosen, others } = useStage.getState();
    const { id } = block;
    if (!beside || !chosen) set({ block: id });
    else if (id !== chosen)
      set({ others: others.includes(id) ? others.filter((other) => other !== id) : [...others, id] });
  };
  return (
    <button
      className={`name ${open ? 'on' : ''} ${also ? 'also' : ''}`}
      data-row={block.id}
      title={`${block.name}. Double click, or F2, renames it`}
      onClick={(event) => choose(event.shiftKey)}
      onDoubleClick={() => set({ renaming: { block: block.id, at: 'sheet' } })}
    >
      {block.name}
      {block.locked && <LockOutlined aria-label="locked" />}
      {problem && <i className="checkMark" role="img" aria-label={`To check: ${problem}`} title={problem} />}
      {note && <small>{note}</small>}
    </button>
  );
}
