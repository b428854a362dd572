import { Button } from 'antd';
import { useRef, useState } from 'react';
import type { TapsControl } from '../api/client';
import { useCommit } from './drawerCommit';
import { perMinute } from './tapping';

/** A number a minute that is tapped, by pointer or by key. */
export function TapRow({ control }: { control: TapsControl }) {
  const commit = useCommit();
  const taps = useRef<number[]>([]);
  const [said, setSaid] = useState('four or more');
  const tap = (time: number) => {
    const heard = perMinute(taps.current, time);
    taps.current = heard.taps;
    if (heard.perMinute === null) {
      setSaid(`${heard.taps.length} tapped`);
      return;
    }
    const value = Math.max(control.least, Math.min(control.most, heard.perMinute));
    setSaid(`from ${heard.taps.length} taps`);
    commit([{ op: 'set', at: control.at, value }], control.at);
  };
  return (
    <div className="row wide">
      <span>{control.label}</span>
      <div className="buttons">
        <Button
          size="small"
          onPointerDown={(event) => tap(event.timeStamp)}
          onKeyDown={(event) => {
            if ((event.key === 'Enter' || event.key === ' ') && !event.repeat) tap(event.timeStamp);
          }}
        >
          Tap the beats
        </Button>
        <span className="quiet" aria-live="polite">
          {said}
        </span>
      </div>
    </div>
  );
}
