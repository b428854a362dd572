import { EditOutlined } from '@ant-design/icons';
import { Fragment, memo, useRef, useState, type ReactNode } from 'react';
import type { Segment, Sentence } from '../api/client';
import { lastStep, useDocument } from '../document/store';
import { PartButton } from './PartButton';
import { PartDrawer } from './PartDrawer';
import { SegmentLook } from './SegmentLook';
import { isMore, partKeys, segmentsOf, turnOf } from './parts';
import { TurnGrip } from './TurnGrip';
import type { PhaseName } from '../document/phases';
import { TypedLine } from './TypedLine';
import { TypedSentence, type Told } from './TypedSentence';

const placeOf = (segment: Segment) => segment.part && turnOf(segment.part)?.place;

/** A direction as a sentence. Its parts are the controls; the drawer of an open part lies under it. */
export const SentenceLine = memo(function SentenceLine({
  lead,
  sentence,
  text,
  phase,
  active,
  quiet,
  short,
  told,
  remove,
  menu,
}: {
  lead?: ReactNode;
  sentence: Sentence;
  text: string;
  phase?: PhaseName;
  active: boolean;
  quiet?: boolean;
  short: boolean;
  /** What is told by it, where it can be typed. */
  told?: Told;
  /** What taking the thing away is called, where the sentence's thing can be taken away. */
  remove?: string;
  menu?: ReactNode;
}) {
  const [open, setOpen] = useState<string | null>(null);
  const [pinned, setPinned] = useState<string[]>([]);
  const [typing, setTyping] = useState(false);
  const commit = useDocument((state) => state.commit);
  const canType = phase !== undefined || told !== undefined;
  const segments = segmentsOf(sentence);
  const keys = partKeys(sentence);
  const drawers = active ? [...pinned, ...(open && !pinned.includes(open) ? [open] : [])] : [];
  const line = useRef<HTMLParagraphElement>(null);
  const opened = useRef(new Map<string, number>());
  const close = (key: string) => {
    setPinned(pinned.filter((one) => one !== key));
    if (open === key) setOpen(null);
  };
  const toggle = (key: string) => {
    if (drawers.includes(key)) close(key);
    else {
      useDocument.getState().seal();
      opened.current.set(key, lastStep());
      setOpen(key);
    }
  };
  /** How often something was taken with Enter in a drawer. */
  const [taken, setTaken] = useState<Record<string, number>>({});
  const originOf = (key: string) => `${sentence.path} ${key} ${taken[key] ?? 0}`;
  // Escape brings back what this part was when its drawer was opened or Enter was last pressed in it, and only that.
  const restore = (key: string) => {
    const { preview, takeBack } = useDocument.getState();
    const before = opened.current.get(key);
    preview([]);
    if (before !== undefined) takeBack(originOf(key), before);
    close(key);
  };
  // Who goes by key goes on from the part whose drawer is gone.
  const focus = (key: string) => {
    const parts = line.current?.querySelectorAll<HTMLElement>('.part');
    parts?.[keys.filter(Boolean).indexOf(key)]?.focus();
  };
  // Of a block that is no longer chosen only what is pinned stays open.
  const [wasActive, setWasActive] = useState(active);
  if (wasActive !== active) {
    setWasActive(active);
    if (!active) setOpen(null);
  }
  return (
    <div className={`direction ${quiet ? 'quietDirection' : ''}`}>
      <p ref={line} className={`sentence ${short ? 'oneLine' : ''}`}>
        {lead}
        {segments.map((segment, i) => {
          const key = keys[i];
          if (segment.part && isMore(segment.part) && (!active || short)) return null;
          const turn = segment.part && turnOf(segment.part);
          // Several parts say one thing of a list: it is held by the first.
          const held = turn && !segments.slice(0, i).some((one) => placeOf(one) === turn.place) ? turn : null;
          return segment.part && key && active ? (
            <Fragment key={key}>
              {held && <TurnGrip control={held} what={segment.text} />}
              <PartButton
                segment={segment}
                part={segment.part}
                open={drawers.includes(key)}
                origin={originOf(key)}
                toggle={() => toggle(key)}
                restore={() => restore(key)}
              />
            </Fragment>
          ) : (
            <span key={`text ${i}`}>
              <SegmentLook segment={segment} />
            </span>
          );
        })}
        {active && canType && (
          <button className="typeIt" aria-label="Type this direction" onClick={() => setTyping(true)}>
            <EditOutlined />
          </button>
        )}
        {active && menu}
        {active && remove && (
          <button
            className="typeIt"
            aria-label={remove}
            onClick={() => commit([{ op: 'remove', at: sentence.path }])}
          >
            ×
          </button>
        )}
      </p>
      {drawers.map((key) => {
        const part = segments[keys.indexOf(key)]?.part;
        return (
          part && (
            <PartDrawer
              key={key}
              part={part}
              origin={originOf(key)}
              pinned={pinned.includes(key)}
              pin={() => {
                setPinned(pinned.includes(key) ? pinned.filter((one) => one !== key) : [...pinned, key]);
                setOpen(null);
              }}
              take={() => setTaken({ ...taken, [key]: (taken[key] ?? 0) + 1 })}
              restore={() => {
                restore(key);
                focus(key);
              }}
            />
          )
        );
      })}
      {typing && phase && (
        <TypedLine
          phase={phase}
          initial={text}
          previous={sentence.path}
          close={() => setTyping(false)}
          done={(move) => commit([{ op: 'set', at: sentence.path, value: move }])}
        />
      )}
      {typing && told && <TypedSentence told={told} sentence={sentence} close={() => setTyping(false)} />}
    </div>
  );
});
