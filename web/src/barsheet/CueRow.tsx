import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Operation, Scene } from '../api/client';
import { NameField } from '../controls/NameField';
import { arrowOf } from '../document/stepping';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { addCue, movedCues, removedCues } from '../document/cues';
import { frames } from '../document/times';

type Cue = NonNullable<Scene['cues']>[number];

export const CUES_HEIGHT = 22;

/** The scene's cues as flags: chosen, dragged in time, renamed and taken away, several together; what hangs on them follows. */
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
  const chosen = useStage((state) => state.cues);
  const set = useStage((state) => state.set);
  const drag = useRef<{ scene: Scene; ids: string[]; pointer: number; at: number; last: Operation[] } | null>(
    null,
  );
  /** A drag ends with a click, which is not meant. */
  const moved = useRef(false);
  const [named, setNamed] = useState<string | null>(null);
  const cues = [...(scene.cues ?? [])];
  /** All that is meant with a cue: those that are chosen, if it is among them. */
  const meant = (cue: Cue) => (chosen.includes(cue.id) ? chosen : [cue.id]);
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || Math.abs(event.clientX - now.pointer) < 3) return;
    moved.current = true;
    const to = snapped(now.at + (event.clientX - now.pointer) / perFrame, event.altKey);
    now.last = movedCues(now.scene, now.ids, to - now.at);
    preview(now.last);
  };
  const press = (event: KeyboardEvent, cue: Cue) => {
    const by = arrowOf(event)?.x;
    const all = event.key.toLowerCase() === 'a' && (event.ctrlKey || event.metaKey);
    if (by) commit(movedCues(scene, meant(cue), by), `cues ${meant(cue).join(' ')}`);
    else if (all) set({ cues: cues.map((one) => one.id) });
    else if (event.key === 'Delete' || event.key === 'Backspace') {
      commit(removedCues(scene, meant(cue)));
      set({ cues: [] });
    } else if (event.key === 'F2') setNamed(cue.id);
    else return;
    event.preventDefault();
    event.stopPropagation();
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
            give={(name) =>
              commit([{ op: 'set', at: `scenes/${scene.id}/cues/${cue.id}/name`, value: name }])
            }
            close={() => setNamed(null)}
          />
        ) : (
          <button
            key={cue.id}
            className={`cue ${chosen.includes(cue.id) ? 'on' : ''}`}
            data-cue={cue.id}
            aria-pressed={chosen.includes(cue.id)}
            style={{ left: frames(cue.at) * perFrame }}
            title={`${cue.name}, frame ${frames(cue.at)}. Drag it or press arrows to move it, Shift and click chooses several, double click or F2 names it, Delete takes it away`}
            onPointerDown={(event) => {
              event.currentTarget.setPointerCapture(event.pointerId);
              moved.current = false;
              drag.current = { scene, ids: meant(cue), pointer: event.clientX, at: frames(cue.at), last: [] };
            }}
            onClick={(event) => {
              if (moved.current) return;
              if (event.shiftKey)
                set({
                  cues: chosen.includes(cue.id)
                    ? chosen.filter((one) => one !== cue.id)
                    : [...chosen, cue.id],
                });
              else set({ cues: [cue.id], frame: Math.round(frames(cue.at)), playing: false });
            }}
            onDoubleClick={() => setNamed(cue.id)}
            onKeyDown={(event) => press(event, cue)}
          >
            {cue.name}
          </button>
        ),
      )}
    </div>
  );
}
