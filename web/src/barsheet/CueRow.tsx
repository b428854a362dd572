import { useRef, useState, type PointerEvent } from 'react';
import type { Operation, Scene } from '../api/client';
import { NameField } from '../controls/NameField';
import { arrowOf } from '../document/stepping';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { addCue } from '../document/cues';
import { frames, time } from '../document/times';

export const CUES_HEIGHT = 22;

/** The scene's cues as flags: dragged in time, renamed and taken away; what hangs on them follows. */
export function CueRow({
  scene,
  width,
  perFrame,
  snapped,
}: {
  scene: Scene;
  width: number;
  perFrame: number;
  snapped: (frame: number, free: boolean) => number;
}) {
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const drag = useRef<{ id: string; pointer: number; at: number; last: Operation[] } | null>(null);
  const [named, setNamed] = useState<string | null>(null);
  const cues = [...(scene.cues ?? [])];
  const path = `scenes/${scene.id}/cues`;
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || Math.abs(event.clientX - now.pointer) < 3) return;
    const to = snapped(now.at + (event.clientX - now.pointer) / perFrame, event.altKey);
    now.last = [{ op: 'set', at: `${path}/${now.id}/at`, value: time(Math.max(0, to)) }];
    preview(now.last);
  };
  return (
    <div
      className="cueRow"
      style={{ width, height: CUES_HEIGHT }}
      onPointerMove={move}
      onPointerUp={() => {
        if (drag.current?.last.length) commit(drag.current.last);
        drag.current = null;
      }}
      onDoubleClick={(event) => {
        if (event.target !== event.currentTarget) return;
        const left = event.currentTarget.getBoundingClientRect().left;
        addCue(scene, Math.max(0, Math.round((event.clientX - left) / perFrame)));
      }}
      title={cues.length === 0 ? 'Double click, or C, makes a cue' : undefined}
    >
      {cues.map((cue) =>
        named === cue.id ? (
          <NameField
            key={cue.id}
            className="cueName"
            label="Name of the cue"
            style={{ left: frames(cue.at) * perFrame }}
            name={cue.name}
            longest={60}
            give={(name) => commit([{ op: 'set', at: `${path}/${cue.id}/name`, value: name }])}
            close={() => setNamed(null)}
          />
        ) : (
          <button
            key={cue.id}
            className="cue"
            data-cue={cue.id}
            style={{ left: frames(cue.at) * perFrame }}
            title={`${cue.name}, frame ${frames(cue.at)}. Drag it or press arrows to move it, double click or F2 to name it, Delete to take it away`}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              drag.current = { id: cue.id, pointer: event.clientX, at: frames(cue.at), last: [] };
            }}
            onClick={() => useStage.getState().set({ frame: Math.round(frames(cue.at)), playing: false })}
            onDoubleClick={() => setNamed(cue.id)}
            onKeyDown={(event) => {
              const by = arrowOf(event)?.x;
              if (by) {
                event.preventDefault();
                event.stopPropagation();
                const to = Math.max(0, Math.round((frames(cue.at) + by) * 10) / 10);
                commit([{ op: 'set', at: `${path}/${cue.id}/at`, value: time(to) }], `cue ${cue.id}`);
              }
              if (event.key === 'Delete' || event.key === 'Backspace')
                commit([{ op: 'remove', at: `${path}/${cue.id}` }]);
              if (event.key === 'F2') setNamed(cue.id);
            }}
          >
            {cue.name}
          </button>
        ),
      )}
    </div>
  );
}
