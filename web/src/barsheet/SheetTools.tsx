import { memo, useState } from 'react';
import type { BlockView, Intent, Operation, Option, Scene } from '../api/client';
import { noTime } from '../document/edits';
import { clockOf, timeOnto } from '../document/typed';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { editOrSay } from '../document/edit';
import { CueTools } from './CueTools';
import { draggedTo } from '../document/times';

type Arrangement = Extract<Intent, { kind: 'arrangeBlocks' }>;
type Order = Arrangement['order'];
type Moment = Arrangement['moment'];

const ORDERS: { order: Order; name: string }[] = [
  { order: 'starts', name: 'align starts' },
  { order: 'ends', name: 'align ends' },
  { order: 'evenly', name: 'space evenly' },
  { order: 'reversed', name: 'reverse' },
];

const MOMENTS: { moment: 'start' | 'landed'; name: string }[] = [
  { moment: 'start', name: 'starts' },
  { moment: 'landed', name: 'landings' },
];

/** What can be done with the chosen blocks in time: exact times, arrangements of several, groups. */
export const SheetTools = memo(function SheetTools({ scene, views }: { scene: Scene; views: BlockView[] }) {
  const block = useStage((state) => state.block);
  const others = useStage((state) => state.others);
  const opened = useStage((state) => state.opened);
  const snapping = useStage((state) => state.snapping);
  const packed = useStage((state) => state.packed);
  const range = useStage((state) => state.range);
  const set = useStage((state) => state.set);
  const commit = useDocument((state) => state.commit);
  const [apart, setApart] = useState('6');
  const [naming, setNaming] = useState<string | null>(null);
  const ids = block ? [block, ...others] : [];
  const placed = views.filter((view) => ids.includes(view.id));
  const arrange = (order: Order, moment: Moment = 'start', between = 0) =>
    editOrSay({
      kind: 'arrangeBlocks',
      scene: scene.id,
      format: useStage.getState().format,
      blocks: ids,
      order,
      moment,
      apart: between,
    });
  const hang = (moment: 'start' | 'landed') => {
    const { format, cues } = useStage.getState();
    const some = cues.length >= ids.length ? cues : [];
    editOrSay({ kind: 'hangOnCues', scene: scene.id, format, blocks: ids, cues: some, moment });
  };
  const trail = (moment: Moment) => {
    const by = timeOnto(apart, 0, clockOf(scene));
    if (by === null) useDocument.setState({ message: noTime(apart) });
    else arrange('trailing', moment, by);
  };
  const groups = (scene.groups ?? []).filter((group) => group.blocks.some((id) => ids.includes(id)));
  const at = `scenes/${scene.id}/groups`;
  const group = (name: string) => {
    const { format } = useStage.getState();
    const element = { name, blocks: ids };
    editOrSay({ kind: 'addTo', list: at, format, stem: 'g', numbered: false, element });
  };
  return (
    <div className="sheetTools" role="toolbar" aria-label="Time">
      {placed.length > 0 && (
        <>
          <Exact
            scene={scene}
            placed={placed}
            what="starts"
            of={(view) => view.start}
            apply={({ handles, start }, to) =>
              placed.length > 1 ? draggedTo(handles.move, to - start) : draggedTo(handles.start, to)
            }
          />
          <Exact
            scene={scene}
            placed={placed}
            what="lasts"
            of={(view) => view.end - view.start}
            apply={({ handles, start }, to) => draggedTo(handles.end, start + to)}
          />
          <Exact
            scene={scene}
            placed={placed}
            what="ends"
            of={(view) => view.end}
            apply={({ handles }, to) => draggedTo(handles.end, to)}
          />
        </>
      )}
      {placed.length > 0 && scene.beats && (
        <>
          <span className="rule" />
          {MOMENTS.map(({ moment, name }) => (
            <button key={moment} onClick={() => arrange('beats', moment)}>
              {name} on beats
            </button>
          ))}
        </>
      )}
      <CueTools scene={scene} />
      {placed.length > 0 && (scene.cues?.length ?? 0) > 0 && (
        <>
          <span className="rule" />
          {MOMENTS.map(({ moment, name }) => (
            <button
              key={moment}
              title="The first of them on the page hangs on the earliest cue, the next on the next; on the chosen cues, if they are enough"
              onClick={() => hang(moment)}
            >
              {name} on cues
            </button>
          ))}
        </>
      )}
      {placed.length > 1 && (
        <>
          <span className="rule" />
          {ORDERS.map(({ order, name }) => (
            <button key={order} onClick={() => arrange(order)}>
              {name}
            </button>
          ))}
          <span className="trail">
            trail
            {MOMENTS.map(({ moment, name }) => (
              <button
                key={moment}
                title={`Each ${name.slice(0, -1)} so much after the one before it on the page`}
                onClick={() => trail(moment)}
              >
                {name}
              </button>
            ))}
            by
          </span>
          <input
            className="frames"
            aria-label="Apart"
            title="Frames, or a time as 0.5s or 2b"
            value={apart}
            onChange={(event) => setApart(event.target.value)}
          />
          {naming === null ? (
            <button onClick={() => setNaming('Group')}>group</button>
          ) : (
            <input
              aria-label="Name of the group"
              autoFocus
              value={naming}
              onFocus={(event) => event.target.select()}
              onChange={(event) => setNaming(event.target.value)}
              onBlur={() => setNaming(null)}
              onKeyDown={(event) => {
                if (event.key === 'Enter' && naming.trim()) group(naming.trim());
                if (event.key === 'Enter' || event.key === 'Escape') setNaming(null);
              }}
            />
          )}
        </>
      )}
      {groups.map((one) => {
        const open = opened.includes(one.id);
        return (
          <span key={one.id} className="group" data-group={one.id}>
            {one.name}
            <button
              aria-pressed={open}
              title={open ? 'Its blocks are moved alone' : 'Its blocks are moved as one'}
              onClick={() =>
                set({ opened: open ? opened.filter((id) => id !== one.id) : [...opened, one.id] })
              }
            >
              {open ? 'close' : 'open'}
            </button>
            <button onClick={() => commit([{ op: 'remove', at: `${at}/${one.id}` }])}>ungroup</button>
          </span>
        );
      })}
      <span className="gap" />
      <Lengthen />
      {range && (
        <button title="Play the whole scene again" onClick={() => set({ range: null })}>
          frames {range.from} to {range.to} ×
        </button>
      )}
      <button
        className={packed ? 'on' : ''}
        aria-pressed={packed}
        title="Blocks that are never on together share a row"
        onClick={() => set({ packed: !packed })}
      >
        share rows
      </button>
      <button
        className={snapping ? 'on' : ''}
        aria-pressed={snapping}
        title="Drawn to the playhead, beats, cues and edges (S)"
        onClick={() => set({ snapping: !snapping })}
      >
        snap
      </button>
    </div>
  );
});

/** One time of the chosen blocks, exact: typed as frames, seconds, seconds + frames or beats. */
function Exact({
  scene,
  placed,
  what,
  of,
  apply,
}: {
  scene: Scene;
  placed: BlockView[];
  what: string;
  of: (view: BlockView) => number;
  apply: (view: BlockView, to: number) => Operation[];
}) {
  const commit = useDocument((state) => state.commit);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);
  const values = placed.map((view) => Math.round(of(view) * 100) / 100);
  const [least, most] = [Math.min(...values), Math.max(...values)];
  const done = () => {
    if (typed === null) return true;
    // Of several blocks each goes by what it is itself.
    const wanted = placed.map((view) => timeOnto(typed, of(view), clockOf(scene)));
    // What cannot be read stays to be mended.
    const unread = wanted.includes(null);
    setWrong(unread);
    if (unread) {
      useDocument.setState({ message: noTime(typed) });
      return false;
    }
    setTyped(null);
    commit(placed.flatMap((view, i) => (of(view) === wanted[i] ? [] : apply(view, wanted[i]!))));
    return true;
  };
  return (
    <label title="Type a time: 36, 1.5s, 1+12, 2b, or +12, -1s, ×2 from what it is">
      {what}
      <input
        aria-label={what}
        aria-invalid={wrong}
        value={typed ?? (least === most ? String(least) : `${least} – ${most}`)}
        onFocus={(event) => event.target.select()}
        onChange={(event) => setTyped(event.target.value)}
        onBlur={() => {
          setTyped(null);
          setWrong(false);
        }}
        onKeyDown={(event) => {
          const leaves = event.key === 'Enter' ? done() : event.key === 'Escape';
          if (leaves) event.currentTarget.blur();
        }}
      />
    </label>
  );
}

/** Where blocks run over the scene's end: it can be lengthened. */
function Lengthen() {
  const over = useStage((state) => state.page?.over) as Option | undefined;
  const commit = useDocument((state) => state.commit);
  return over ? <button onClick={() => commit(over.operations)}>{over.label}</button> : null;
}
