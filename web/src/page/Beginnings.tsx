import { Button } from 'antd';
import type { Beginning } from '../api/client';
import { BEGINNINGS } from '../document/beginnings';

/** What to begin with, where nothing is there yet. */
export function Beginnings({
  lead,
  begin,
  look,
}: {
  lead: string;
  begin: (beginning: Beginning) => void;
  look: () => void;
}) {
  return (
    <div className="beginnings" role="group" aria-label={lead}>
      <span className="quiet">{lead}</span>
      {BEGINNINGS.map(({ key, label, hint }) => (
        <Button key={key} title={hint} onClick={() => begin(key)}>
          {label}
        </Button>
      ))}
      <Button type="link" onClick={look}>
        look at the demo
      </Button>
    </div>
  );
}
