import { Popover } from 'antd';
import { useState } from 'react';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';

/** What does not fit or cannot be shown, as a list that opens; each line leads to its block, at a time when it is on. */
export function ToCheck() {
  const problems = useStage((state) => state.page?.problems);
  const [open, setOpen] = useState(false);
  if (!problems || problems.length === 0) return null;
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottomRight"
      content={
        <ul className="problemList">
          {problems.map(({ block, message }) => (
            <li key={block + message}>
              <button
                onClick={() => {
                  setOpen(false);
                  leadTo(block);
                }}
              >
                {nameOf(block) && <b>{nameOf(block)}</b>}
                {message}
              </button>
            </li>
          ))}
        </ul>
      }
    >
      <button className="toCheck" aria-expanded={open}>
        {problems.length} to check
      </button>
    </Popover>
  );
}

const blockOf = (id: string) => {
  const { scene } = useStage.getState();
  const blocks = useDocument.getState().document?.scenes.find((one) => one.id === scene)?.blocks;
  return blocks?.find((one) => one.id === id);
};
const nameOf = (id: string) => blockOf(id)?.name;

function leadTo(id: string) {
  if (!blockOf(id)) return;
  const { set, page, frame } = useStage.getState();
  set({ block: id });
  const view = page?.blocks.find((one) => one.id === id);
  if (view && (frame < view.start || frame >= view.end))
    set({ frame: Math.max(0, Math.round((view.start + view.end) / 2)), playing: false });
  requestAnimationFrame(() => {
    const card = document.querySelector<HTMLElement>(`.block[data-block='${CSS.escape(id)}'] article`);
    card?.focus();
    card?.scrollIntoView({ block: 'nearest' });
  });
}
