import { memo, useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Block, Scene } from '../api/client';
import { RoomEdge, type Room } from '../controls/RoomEdge';
import { beatsOf } from '../document/beats';
import { isDressing } from '../document/captions';
import { useLive } from '../document/useLive';
import { useStage } from '../document/stage';
import { AddSound } from './AddSound';
import { CaptionLane, CAPTIONS_HEIGHT } from './CaptionLane';
import { CueRow, CUES_HEIGHT } from './CueRow';
import { Hangs } from './Hangs';
import { keyLanesHeight, KeyLanes } from './KeyLanes';
import { KeyNames, KeyTools } from './KeyNames';
import { keyRows } from '../document/keyRows';
import { laneHeight, unitNote, unitRows } from './lanes';
import { MANY_BLOCKS } from '../document/many';
import { packed } from './packing';
import { Playhead } from './Playhead';
import { Ribbon } from './Ribbon';
import { RowName } from './RowName';
import { BeatLines, Ruler, RULER } from './Ruler';
import { SoundLane, SOUND_HEIGHT } from './SoundLane';
import { RunningName, SoundName } from './SoundName';
import { SheetTools } from './SheetTools';
import { useMarquee } from './useMarquee';
import { useRibbonDrag } from './useRibbonDrag';

const NAMES = 118;
const END_ROOM = 40;

/** The picture and the page keep the rest. */
const ROOM: Room = {
  variable: '--sheet',
  kept: 'knollwind.sheet',
  label: 'Height of the bar sheet',
  grows: 'up',
  usual: 236,
  least: 130,
  others: 320,
};

/** The scene takes a fifth of the sheet then, and what runs over is seen. */
const LEAST_ZOOM = 0.2;
const MOST_ZOOM = 20;

/** The time view: a ruler with seconds and beats, cues, and a ribbon for each block; of the chosen one its keys too. */

export const BarSheet = memo(function BarSheet({ scene }: { scene: Scene }) {
  // The picture and the sentences come first; hundreds of bars may follow in a quiet moment.
  const page = useDeferredValue(useStage((state) => state.page));
  const chosen = useStage((state) => state.block);
  const others = useStage((state) => state.others);
  const sharing = useStage((state) => state.packed);
  const set = useStage((state) => state.set);
  const sheet = useRef<HTMLDivElement>(null);
  const [room, setRoom] = useState(1100);
  const zoom = useStage((state) => state.sheetZoom);
  const setZoom = (wanted: number) => {
    const sheetZoom = Math.max(LEAST_ZOOM, Math.min(MOST_ZOOM, wanted));
    set({ sheetZoom });
  };
  const [openKeys, setOpenKeys] = useState<string | null>(null);
  const live = useLive(scene);
  // Of hundreds of rows only those in sight are in the document.
  const [sight, setSight] = useState(() => sightOf(0, 0));
  const [beside, setBeside] = useState({ from: 0 });

  useLayoutEffect(() => {
    if (!sheet.current) return;
    const observer = new ResizeObserver(([entry]) => {
      if (!entry) return;
      setRoom(entry.contentRect.width - NAMES);
      setSight(sightOf(entry.target.scrollTop, entry.contentRect.height));
    });
    observer.observe(sheet.current);
    return () => observer.disconnect();
  }, []);

  const perFrame = ((room - END_ROOM) / scene.length) * zoom;
  const width = Math.max(room, scene.length * perFrame + END_ROOM);
  const x = (frame: number) => frame * perFrame;
  /** The frame that stays under the pointer, and how far from the left of the lanes that is, in px. */
  const held = useRef<{ frame: number; at: number } | null>(null);
  useLayoutEffect(() => {
    if (!held.current || !sheet.current) return;
    sheet.current.scrollLeft = held.current.frame * perFrame - held.current.at;
    held.current = null;
  }, [perFrame]);
  const views = useMemo(() => page?.blocks ?? [], [page]);
  const viewOf = useMemo(() => new Map(views.map((one) => [one.id, one])), [views]);
  // Captions have times of their own.
  const timed = useMemo(
    () => (scene.captions ? views.filter((view) => !isDressing(scene, view.id)) : views),
    [scene, views],
  );
  const drag = useRibbonDrag(scene, views, perFrame);
  const path = (block: Block) => `scenes/${scene.id}/blocks/${block.id}`;

  // What dresses captions is on when they are: they have a row of their own.
  const own = scene.captions ? scene.blocks.filter((block) => !isDressing(scene, block.id)) : scene.blocks;
  const blocks = [
    ...own.filter((block) => block.kind === 'text'),
    ...own.filter((block) => block.kind === 'shape'),
  ];
  // Voices stand over music.
  const sounds = [...(live.sounds ?? [])].sort((a, b) => (a.kind < b.kind ? 1 : a.kind > b.kind ? -1 : 0));
  // What has run on from earlier scenes, under the scene's own.
  const running = page?.running ?? [];
  const lanes = [...sounds, ...running.map((one) => one.sound)];
  const heard = page?.heard ?? [];
  const captioned = scene.captions ? CAPTIONS_HEIGHT : 0;
  let below = RULER + CUES_HEIGHT + lanes.length * SOUND_HEIGHT + captioned;
  const tops = new Map<string, number>();
  const rows = (sharing ? packed(blocks, views, chosen) : blocks.map((block) => [block])).map((members) => {
    const row = members.map((block) => ({ block, view: viewOf.get(block.id) }));
    const { block, view } = row[0]!;
    const open = block.id === chosen;
    const keys = open && view ? keyRows(block, path(block)) : [];
    const height = laneHeight(open ? unitRows(view) : 0);
    const whole = height + keyLanesHeight(keys, openKeys);
    members.forEach((one) => tops.set(one.id, below));
    const near = open || blocks.length <= MANY_BLOCKS || (below + whole > sight.from && below < sight.to);
    below += whole;
    return { row, block, view, open, keys, height, whole, near };
  });
  const marquee = useMarquee(views, tops, perFrame);

  const beats = beatsOf(scene, width / perFrame);
  const first = rows.find((row) => row.open);

  return (
    <section className="barSheet" aria-label="The bar sheet">
      <RoomEdge room={ROOM} className="sheetEdge" />
      <div className="sheetBar">
        <SheetTools scene={scene} views={timed} />
        {first?.view && <KeyTools block={first.block} path={path(first.block)} view={first.view} />}
      </div>
      <div
        className="sheetScroll"
        ref={sheet}
        onScroll={(event) => {
          const { scrollTop, clientHeight, scrollLeft } = event.currentTarget;
          const left = Math.floor(scrollLeft / STEP) * STEP;
          setBeside((now) => (now.from === left ? now : { from: left }));
          const next = sightOf(scrollTop, clientHeight);
          setSight((now) => (now.from === next.from && now.to === next.to ? now : next));
        }}
        onWheel={(event) => {
          if (!event.ctrlKey) return;
          const element = sheet.current!;
          const at = event.clientX - element.getBoundingClientRect().left - NAMES;
          held.current = { frame: (element.scrollLeft + at) / perFrame, at };
          setZoom(useStage.getState().sheetZoom * (event.deltaY < 0 ? 1.2 : 1 / 1.2));
        }}
      >
        <div className="sheetRows" style={{ width: width + NAMES }}>
          <div className="names">
            <div className="rulerName">
              <button onClick={() => setZoom(1)}>fit</button>
              <button aria-label="Zoom out" onClick={() => setZoom(zoom / 1.5)}>
                −
              </button>
              <button aria-label="Zoom in" onClick={() => setZoom(zoom * 1.5)}>
                +
              </button>
            </div>
            <div className="cuesName" style={{ height: CUES_HEIGHT }}>
              Cues
              <AddSound scene={scene} />
            </div>
            {sounds.map((sound) => (
              <SoundName key={sound.id} scene={scene} sound={sound} />
            ))}
            {running.map((one) => (
              <RunningName key={one.sound.id} running={one} />
            ))}
            {captioned > 0 && (
              <button
                className="captionsName"
                style={{ height: CAPTIONS_HEIGHT }}
                title="All captions as a list"
                onClick={() => set({ captionList: true, ledger: false })}
              >
                Captions
              </button>
            )}
            {rows.map(({ row, block, view, open, height, whole, near }) =>
              near ? (
                <div key={block.id}>
                  <div className={row.length > 1 ? 'sharedNames' : ''} style={{ height }}>
                    {row.map((one) => (
                      <RowName
                        key={one.block.id}
                        block={one.block}
                        path={path(one.block)}
                        open={open}
                        note={open && unitRows(view) > 2 ? unitNote(view) : ''}
                      />
                    ))}
                  </div>
                  {open && view && (
                    <KeyNames
                      block={live.blocks.find((one) => one.id === block.id) ?? block}
                      path={path(block)}
                      view={view}
                      open={openKeys}
                      setOpen={setOpenKeys}
                    />
                  )}
                </div>
              ) : (
                <div key={block.id} style={{ height: whole }} />
              ),
            )}
          </div>
          <div className="lanes" style={{ width }} {...marquee.handlers}>
            <Ruler scene={scene} width={width} perFrame={perFrame} beats={beats} />
            <CueRow
              scene={live}
              width={width}
              perFrame={perFrame}
              snapped={(frame, free) => drag.snapped(frame, [], free)}
            />
            {lanes.map((sound) => (
              <SoundLane
                key={sound.id}
                scene={scene}
                sound={sound}
                width={width}
                perFrame={perFrame}
                heard={heard.some((one) => one.id === sound.id)}
                handles={page?.sounds.find((one) => one.id === sound.id)}
                snapped={(frame, free) => drag.snapped(frame, [], free)}
              />
            ))}
            {captioned > 0 && (
              <CaptionLane
                scene={scene}
                width={width}
                perFrame={perFrame}
                seen={{ from: beside.from / perFrame, to: (beside.from + room) / perFrame }}
                snapped={(frame, free) => drag.snapped(frame, [], free)}
              />
            )}
            {rows.map(({ row, block, view, open, keys, height, whole, near }) =>
              near ? (
                <div key={block.id}>
                  <svg
                    className="lane"
                    width={width}
                    height={height}
                    onPointerMove={drag.move}
                    onPointerUp={drag.drop}
                    onPointerCancel={drag.giveUp}
                  >
                    {row.map(
                      (one) =>
                        one.view && (
                          <Ribbon
                            key={one.block.id}
                            view={one.view}
                            dragged={drag.dragged.get(one.block.id)}
                            label={labelOf(one.block)}
                            open={open}
                            also={others.includes(one.block.id)}
                            perFrame={perFrame}
                            grab={drag.grab}
                            press={drag.press}
                          />
                        ),
                    )}
                  </svg>
                  {open && view && keys.length > 0 && (
                    <KeyLanes
                      block={block}
                      live={live.blocks.find((one) => one.id === block.id) ?? block}
                      path={path(block)}
                      view={view}
                      width={width}
                      perFrame={perFrame}
                      open={openKeys}
                    />
                  )}
                </div>
              ) : (
                <div key={block.id} style={{ height: whole }} />
              ),
            )}
            {marquee.box && <div className="marquee" style={marquee.box} />}
            <svg className="marks" width={width} height="100%">
              <BeatLines beats={beats} x={x} from={RULER} to="100%" />
              <Hangs
                scene={live}
                sounds={lanes}
                views={views}
                tops={tops}
                x={x}
                wordsOf={(row) => RULER + CUES_HEIGHT + (row + 1) * SOUND_HEIGHT - 3}
              />
              <line className="sceneEnd" x1={x(scene.length)} x2={x(scene.length)} y1="0" y2="100%" />
              {drag.lit !== null && (
                <line className="lit" x1={x(drag.lit)} x2={x(drag.lit)} y1="0" y2="100%" />
              )}
              <Playhead x={x} />
            </svg>
          </div>
        </div>
      </div>
    </section>
  );
});

/** Rows that are this far from what is seen, in px, are drawn, so that there is something to scroll to. */
const BEYOND = 240;
const STEP = 120;

/** Which part of the sheet's height is drawn when it is scrolled so far and so much is seen, in px, in steps. */
function sightOf(top: number, seen: number): { from: number; to: number } {
  const first = Math.floor(top / STEP) * STEP;
  return { from: first - BEYOND, to: first + STEP + seen + BEYOND };
}

const labelOf = (block: Block) =>
  block.kind === 'text' ? block.text.replace(/\n/g, ' ') || block.name : block.name;
