import { memo } from 'react';
import { Button } from 'antd';
import { useDocument } from '../document/store';

/** Says that another window saved, and lets one choose what becomes of what is here. */
export const NewerBar = memo(function NewerBar() {
  const newer = useDocument((state) => state.newer);
  const takeNewer = useDocument((state) => state.takeNewer);
  if (!newer) return null;
  return (
    <div className="noticeBar newerBar" role="alert">
      <span>
        {newer.document
          ? 'Another window changed the same thing as you.'
          : 'Another window has changed this project.'}
      </span>
      <Button size="small" type="primary" onClick={() => void takeNewer(false)}>
        Take the newer state
      </Button>
      <Button size="small" onClick={() => void takeNewer(true)}>
        Keep mine as a take
      </Button>
    </div>
  );
});
