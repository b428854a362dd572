import { useCallback, useLayoutEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { flushSync } from 'react-dom';
import type { BlockView, Intent, NumberControl, Operation, Scene } from '../api/client';
import { arrowOf } from '../document/stepping';
import { editOrSay } from '../document/edit';
import { repeats } from '../document/repeats';
import { numberOperations } from '../document/edits';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { keyRows, slipped } from '../document/keyRows';
import { spokenIn } from '../document/spoken';
import { snap, snapPoints } from './snapping';
import { draggedTo, frames, withGroup } from '../document/times';

export type Grip = 'body' | 'start' | 'end' | 'arrive' | 'leave' | 'hookStart' | 'hookEnd';

/** The times that a ribbon is drawn at. */
export type Times = Pick<BlockView, 'start' | 'arriveEnd' | 'leaveStart' | 'end'>;

/** How long a dropped ribbon stands where it was dropped, at most, until the server has told its times. */
const TRUST_MS = 1000;

/** A bar of one piece's turn. */
export interface UnitGrip {
  phase: 'arrive' | 'leave';
  move: string;
  unit: { from: number; to: number };
}

interface Drag {
  grip: Grip | UnitGrip;
  view: BlockView;
  /** All that moves along. */
  ids: string[];
  pointer: number;
  /** Moved by a key: by just so much, drawn to nothing. */
  exact: boolean;
  /** As they were when the drag began: what is dragged stays in proportion to that. */
  scene: Scene;
  views: BlockView[];
  moved: boolean;
  /** What is set, or what is wished where that is more than numbers. */
  last: Operation[] | Intent;
}

/** Keys held beside a drag. */
type HeldKeys = Pick<PointerEvent, 'altKey' | 'shiftKey' | 'ctrlKey' | 'metaKey'>;
const PLAIN: HeldKeys = { altKey: false, shiftKey: false, ctrlKey: false, metaKey: false };

const REACH_PX = 7;
/** Where a block's moments say what they hang on. */
const HANGS = /\/span\/(starts|lands|leaves|ends)At$/;

/** The blocks that the sentence of a block's time offers to hang on: none that would make a circle. */
function mayHangOn(view: BlockView): Set<string> {
  const ids = view.script.span.segments
    .flatMap((segment) => segment.part?.controls ?? [])
    .flatMap((control) => (control.kind === 'choice' ? control.options : []))
    .flatMap((option) => option.operations)
    .map((operation) =>
      operation.op === 'set' && HANGS.test(operation.at)
        ? (operation.value as { block?: string } | null)?.block
        : undefined,
    );
  return new Set(ids.filter((id) => id !== undefined));
}

/** Dragging in the bar sheet: ribbons, their ends and wedges, the bars of single pieces, and hooks onto cues and edges. */
export function useRibbonDrag(scene: Scene, views: BlockView[], perFrame: number) {
  const preview = useDocument((state) => state.preview);
  const commit = useDocument((state) => state.commit);
  const [lit, setLit] = useState<number | null>(null);
  // What is dragged stands where it is dragged, before the server has told its times.
  const [dragged, setDragged] = useState<ReadonlyMap<string, Times>>(NOT_DRAGGED);
  const trust = useRef<ReturnType<typeof setTimeout> | undefined>(undefined);
  const drag = useRef<Drag | null>(null);
  const [step] = useState(repeats);

  /** A frame drawn to what lies near; whole otherwise. */
  const snapped = (frame: number, own: string[], free: boolean) => {
    const { frame: playhead, snapping } = useStage.getState();
    const found =
      free || !snapping ? null : snap(frame, snapPoints(scene, views, own, playhead), REACH_PX / perFrame);
    setLit(found);
    return found ?? Math.round(frame);
  };

  const looked = () => ({ scene: scene.id, format: useStage.getState().format });
  const block = (now: Drag, id: string) => now.scene.blocks.find((one) => one.id === id)!;
  const movedBy = (now: Drag, ids: string[], by: number) =>
    now.views.filter((one) => ids.includes(one.id)).flatMap((one) => draggedTo(one.handles.move, by));

  /** What it comes to that something is moved by so many frames, with keys held beside. */
  const wished = (now: Drag, by: number, event: HeldKeys): Operation[] | Intent => {
    const { grip, view, ids } = now;
    const free = event.altKey;
    const put = (frame: number) => (now.exact ? Math.round(frame * 10) / 10 : snapped(frame, ids, free));
    if (typeof grip === 'object') {
      setLit(null);
      const { phase, move, unit } = grip;
      const turn = Math.round(by / (view.scale || 1));
      const { from, to } = unit;
      return { kind: 'shiftPiece', ...looked(), block: view.id, phase, move, from, to, by: turn };
    }
    const control = (name: 'arrive' | 'leave', length: number) => {
      const found = view.script[name].lengthControl as NumberControl | undefined;
      return found ? numberOperations(found.edits, length) : [];
    };
    const own = block(now, view.id);
    switch (grip) {
      case 'body': {
        const first = Math.min(...now.views.filter((one) => ids.includes(one.id)).map((one) => one.start));
        const shift = Math.max(-first, put(view.start + by) - view.start);
        const path = `scenes/${scene.id}/blocks/${view.id}`;
        if (event.shiftKey && (event.ctrlKey || event.metaKey))
          return slipped(keyRows(own, path), view, Math.round(by));
        if (event.shiftKey) return { kind: 'copyBlocks', scene: scene.id, blocks: ids, by: shift };
        const later =
          event.ctrlKey || event.metaKey
            ? now.views.filter((one) => !ids.includes(one.id) && one.start >= view.start).map((one) => one.id)
            : [];
        return movedBy(now, [...ids, ...later], shift);
      }
      case 'start':
        return draggedTo(view.handles.start, put(view.start + by));
      case 'end': {
        const to = put(view.end + by);
        const later =
          event.ctrlKey || event.metaKey
            ? now.views.filter((one) => one.id !== view.id && one.start >= view.end).map((one) => one.id)
            : [];
        return [...draggedTo(view.handles.end, to), ...movedBy(now, later, to - view.end)];
      }
      case 'arrive':
        return control('arrive', Math.max(1, put(view.arriveEnd + by) - view.start));
      case 'leave':
        return control('leave', Math.max(1, view.end - put(view.leaveStart + by)));
      case 'hookStart':
      case 'hookEnd': {
        const edge = grip === 'hookStart' ? 'start' : 'end';
        const at = (edge === 'start' ? view.start : view.end) + by;
        const target = nearest(now, edge, at);
        setLit(target?.frame ?? null);
        return target ? { kind: 'hangBlock', ...looked(), block: view.id, edge, ...target.onto } : [];
      }
    }
  };

  /** The cue, the spoken word or the moment of another block that lies nearest, cues first. */
  const nearest = (now: Drag, edge: 'start' | 'end', at: number) => {
    const reach = (2 * REACH_PX) / perFrame;
    const offered = mayHangOn(now.view);
    const targets = [
      ...(now.scene.cues ?? []).map((cue) => ({ frame: frames(cue.at), onto: { cue: cue.id } })),
      ...spokenIn(now.scene).map((word) => ({
        frame: edge === 'start' ? word.at : word.until,
        onto: { cue: word.id },
      })),
      ...now.views
        .filter((one) => offered.has(one.id))
        .flatMap((one) => [
          { frame: one.start, onto: { other: one.id, moment: 'start' as const } },
          { frame: one.arriveEnd, onto: { other: one.id, moment: 'landed' as const } },
          { frame: one.leaveStart, onto: { other: one.id, moment: 'leaving' as const } },
          { frame: one.end, onto: { other: one.id, moment: 'end' as const } },
        ]),
    ];
    return targets
      .filter((target) => Math.abs(target.frame - at) <= reach)
      .sort((one, other) => Math.abs(one.frame - at) - Math.abs(other.frame - at))[0];
  };

  const selected = () => {
    const { block: chosen, others } = useStage.getState();
    return chosen ? [chosen, ...others] : [];
  };
  const taken = (grip: Grip | UnitGrip, drawn: BlockView): Drag => {
    // Of a ribbon that looked the same since, an older view may have been drawn.
    const view = views.find((one) => one.id === drawn.id) ?? drawn;
    const selection = selected();
    const held = selection.includes(view.id) ? selection : [view.id];
    const all = grip === 'body' ? withGroup(scene, held, useStage.getState().opened) : [view.id];
    return {
      grip,
      view,
      ids: all.filter((id) => !scene.blocks.find((one) => one.id === id)?.locked),
      pointer: 0,
      exact: false,
      scene,
      views,
      moved: false,
      last: [],
    };
  };
  const grab = (event: PointerEvent, grip: Grip | UnitGrip, drawn: BlockView) => {
    clearTimeout(trust.current);
    setDragged(NOT_DRAGGED);
    event.stopPropagation();
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    drag.current = { ...taken(grip, drawn), pointer: event.clientX };
    const { view } = drag.current;
    const selection = selected();
    const { set } = useStage.getState();
    if (!selection.includes(view.id) && !event.shiftKey) set({ block: view.id });
  };
  /** Arrow keys move what has the focus by frames. */
  const press = (event: KeyboardEvent, grip: Grip | UnitGrip, drawn: BlockView) => {
    const by = arrowOf(event)?.x;
    if (!by) return;
    event.preventDefault();
    event.stopPropagation();
    const first = { ...taken(grip, drawn), exact: true };
    if (first.ids.length === 0) return;
    step(
      `keys ${typeof grip === 'object' ? `${grip.move} ${grip.unit.from}` : grip} ${first.ids.join(' ')}`,
      { x: by, y: 0 },
      () => first,
      (now, far) => wished(now, far.x, PLAIN),
    );
  };
  const move = (event: PointerEvent) => {
    const now = drag.current;
    if (!now || now.ids.length === 0 || (!now.moved && Math.abs(event.clientX - now.pointer) < 3)) return;
    now.moved = true;
    now.last = wished(now, (event.clientX - now.pointer) / perFrame, event);
    const { last } = now;
    // At once: a picture that arrives may be painted before what is only scheduled.
    flushSync(() => setDragged(Array.isArray(last) ? timesOf(now, last) : NOT_DRAGGED));
    preview(last);
  };
  const drop = (event: PointerEvent) => {
    const now = drag.current;
    if (now?.moved) {
      if (!Array.isArray(now.last)) editOrSay(now.last);
      else if (now.last.length > 0) commit(now.last);
      else preview([]);
    } else if (now && event.shiftKey) {
      // A click with Shift takes a ribbon to those that are chosen, or lets it go.
      const { block: chosen, others, set } = useStage.getState();
      if (!chosen) set({ block: now.view.id });
      else if (now.view.id !== chosen)
        set({
          others: others.includes(now.view.id)
            ? others.filter((id) => id !== now.view.id)
            : [...others, now.view.id],
        });
    } else if (now && now.grip === 'body') useStage.getState().set({ block: now.view.id });
    drag.current = null;
    setLit(null);
    trust.current = setTimeout(() => setDragged(NOT_DRAGGED), TRUST_MS);
  };
  const giveUp = () => {
    drag.current = null;
    setLit(null);
    setDragged(NOT_DRAGGED);
    preview([]);
  };
  const newest = useRef({ grab, press, move, drop, giveUp });
  useLayoutEffect(() => {
    newest.current = { grab, press, move, drop, giveUp };
  });
  return {
    lit,
    dragged,
    snapped,
    // These stay the same, so that ribbons which look the same are not drawn again.
    grab: useCallback((...held: Parameters<typeof grab>) => newest.current.grab(...held), []),
    press: useCallback((...held: Parameters<typeof press>) => newest.current.press(...held), []),
    move: useCallback((event: PointerEvent) => newest.current.move(event), []),
    drop: useCallback((event: PointerEvent) => newest.current.drop(event), []),
    giveUp: useCallback(() => newest.current.giveUp(), []),
  };
}

const NOT_DRAGGED: ReadonlyMap<string, Times> = new Map();

/** The times of blocks whose spans are being changed, from what they were when the drag began: phases keep their lengths. */
function timesOf(now: Drag, operations: Operation[]): ReadonlyMap<string, Times> {
  const edges = new Map<string, { start: number; end: number }>();
  for (const operation of operations) {
    const [, id = '', edge] = /\/blocks\/([^/]+)\/span\/(start|end)$/.exec(operation.at) ?? [];
    const own = now.scene.blocks.find((one) => one.id === id);
    if (!own || operation.op !== 'set') continue;
    const by = frames(operation.value as number | string) - frames(own.span[edge as 'start' | 'end']);
    edges.set(id, { start: 0, end: 0, ...edges.get(id), [edge as string]: by });
  }
  const times = new Map<string, Times>();
  for (const view of now.views) {
    const by = edges.get(view.id);
    const moved = by && {
      start: view.start + by.start,
      arriveEnd: view.arriveEnd + by.start,
      leaveStart: view.leaveStart + by.end,
      end: view.end + by.end,
    };
    // Where phases no longer fit, or begin to, the server says how; what is only moved stays as it is.
    if (by && moved && (by.start === by.end || (view.scale === 1 && moved.arriveEnd <= moved.leaveStart)))
      times.set(view.id, moved);
  }
  return times;
}
