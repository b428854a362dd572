import { Button } from 'antd';
import { useContext } from 'react';
import type { KeyHereControl } from '../api/client';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';
import { DrawerOrigin } from './drawerCommit';

/** Keeps what a value is now in a key at the playhead, so that a change can begin or end there. */
export function KeyHereRow({ control }: { control: KeyHereControl }) {
  const frame = useStage((state) => Math.round(state.frame));
  const origin = useContext(DrawerOrigin);
  const [, scene = '', , block = '', ...member] = control.at.split('/');
  const add = () => {
    const { format, frame: now } = useStage.getState();
    editOrSay({ kind: 'addKey', scene, format, block, member: member.join('/'), frame: now }, origin);
  };
  return (
    <div className="row wide">
      <span>{control.label}</span>
      <Button size="small" onClick={add}>
        {`a key at frame ${frame}`}
      </Button>
    </div>
  );
}
