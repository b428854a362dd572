import { PushpinOutlined } from '@ant-design/icons';
import { Button, Segmented, Select } from 'antd';
import { useEffect, useRef, useState } from 'react';
import {
  type ChoiceControl,
  type Control,
  type HandControl,
  type PadControl,
  type PictureControl,
  type Part,
  type TintControl,
} from '../api/client';
import { ColourField } from '../controls/ColourField';
import { valueAt } from '../document/patch';
import { useStage } from '../document/stage';
import { shownNow, useDocument } from '../document/store';
import { CurveEditor } from './CurveEditor';
import { DrawerOrigin, useCommit } from './drawerCommit';
import { FamilyChooser } from './FamilyChooser';
import { KeyGraph } from './KeyGraph';
import { NestedRows } from './NestedRows';
import { NumberRow } from './NumberRow';
import { OpenAsField } from '../fields/OpenAsField';
import { OwnNote } from './OwnMark';
import { keepPicture, PICTURE_KINDS } from '../document/pictureFile';
import { KeyHereRow } from './KeyHereRow';
import { TapRow } from './TapRow';

/** A line's room above a part that is brought to the top of the page. */
const ABOVE_PX = 8;

/** Brings a drawer into view, as far as the part that it belongs to stays in view above it. */
function showUnderItsPart(drawer: HTMLElement, name: string) {
  const page = drawer.closest('.page');
  const part = drawer.parentElement?.querySelector(
    `.part[data-part="${CSS.escape(name)}"][aria-expanded=true]`,
  );
  if (!page || !part) return;
  const room = page.getBoundingClientRect();
  const wanted = drawer.getBoundingClientRect().bottom - room.bottom;
  const most = part.getBoundingClientRect().top - room.top - ABOVE_PX;
  if (wanted > 0 || most < 0) page.scrollTop += most < 0 ? most : Math.min(wanted, most);
}

/** The drawer under a sentence with the controls of one of its parts. */
export function PartDrawer({
  part,
  origin,
  pinned,
  pin,
  take,
  restore,
}: {
  part: Part;
  /** What its changes are known by. */
  origin: string;
  pinned: boolean;
  pin: () => void;
  /** What was changed so far is to stay. */
  take: () => void;
  restore: () => void;
}) {
  const self = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (self.current) showUnderItsPart(self.current, part.name);
  }, [part.name]);
  // What was pressed in it may be gone with what it changed: Escape still closes the drawer then.
  const held = useRef(false);
  useEffect(() => {
    if (held.current && document.activeElement === document.body)
      self.current?.focus({ preventScroll: true });
  });
  return (
    <div
      ref={self}
      className="drawer"
      tabIndex={-1}
      onFocus={() => {
        held.current = true;
      }}
      onBlur={() => {
        held.current = false;
      }}
      data-drawer={part.name}
      onKeyDown={(event) => {
        if (event.key === 'Escape') {
          event.stopPropagation();
          restore();
        } else if (event.key === 'Enter') take();
      }}
    >
      <DrawerOrigin.Provider value={origin}>
        <button
          className={`pinDrawer ${pinned ? 'on' : ''}`}
          aria-label="Keep this drawer open"
          aria-pressed={pinned}
          title="Keep open"
          onClick={pin}
        >
          <PushpinOutlined />
        </button>
        {(part.controls as Control[]).map((control, i) => {
          switch (control.kind) {
            case 'number':
              return <NumberRow key={control.label + i} control={control} />;
            case 'choice':
              return <ChoiceRow key={control.label + i} control={control} />;
            case 'families':
              return <FamilyChooser key={control.label + i} control={control} />;
            case 'curve':
              return <CurveEditor key={control.label + i} control={control} />;
            case 'nested':
              return <NestedRows key={control.label + i} control={control} />;
            case 'picture':
              return <PictureRow key={control.label + i} control={control} />;
            case 'hand':
              return <HandRow key={control.label + i} control={control} />;
            case 'pad':
              return <PadRow key={control.label + i} control={control} />;
            case 'keyHere':
              return <KeyHereRow key={control.label + i} control={control} />;
            case 'taps':
              return <TapRow key={control.label + i} control={control} />;
            case 'keys':
              return <KeyGraph key={control.label + i} control={control} />;
            case 'turn':
              return (
                <ChoiceRow
                  key={control.label + i}
                  control={{ kind: 'choice', label: control.label, options: control.places }}
                />
              );
            case 'tint':
              return <TintRow key={control.label + i} control={control} />;
          }
        })}
        <OwnNote part={part} />
        <OpenAsField part={part} />
        {part.note && <p className="note">{part.note}</p>}
      </DrawerOrigin.Provider>
    </div>
  );
}

/** A picture or film becomes the fill. */
function PictureRow({ control }: { control: PictureControl }) {
  const commit = useCommit();
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState('');
  const take = async (chosen: File | undefined) => {
    if (!chosen) return;
    setBusy(true);
    setProblem('');
    try {
      commit([{ op: 'set', at: control.at, value: await keepPicture(chosen) }]);
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    setBusy(false);
  };
  return (
    <div className="row wide">
      <span>{control.label}</span>
      <input
        ref={file}
        type="file"
        hidden
        accept={PICTURE_KINDS}
        aria-label="Picture file"
        onChange={(event) => {
          void take(event.target.files?.[0]);
          event.target.value = '';
        }}
      />
      <Button size="small" loading={busy} onClick={() => file.current?.click()}>
        Choose a file
      </Button>
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}

/** More than so many things that can be done are chosen from a list. */
const MOST_BUTTONS = 13;

/** Characters of what is chosen from, and of the room around each, that go beside their label, and into a row at all. */
const BESIDE = 39;
const ROW = 44;
const AROUND = 4;

function ChoiceRow({ control }: { control: ChoiceControl }) {
  const commit = useCommit();
  const chosen = control.options.findIndex((option) => option.selected);
  const choose = (index: number) => commit(control.options[index]?.operations ?? []);
  const characters = control.options.reduce((sum, option) => sum + option.label.length + AROUND, 0);
  const items = control.options.map((option, i) => ({ value: i, label: option.label }));
  if (chosen < 0 && items.length > MOST_BUTTONS) {
    return (
      <div className="row wide" role="group" aria-label={control.label}>
        <span>{control.label}</span>
        <Select
          size="small"
          aria-label={control.label}
          placeholder="choose…"
          value={null}
          options={items}
          onChange={(index: number | null) => index !== null && choose(index)}
          popupMatchSelectWidth={false}
        />
      </div>
    );
  }
  if (chosen < 0) {
    return (
      <div className="row wide" role="group" aria-label={control.label}>
        <span>{control.label}</span>
        <div className="buttons">
          {items.map((item) => (
            <Button key={item.value} size="small" onClick={() => choose(item.value)}>
              {item.label}
            </Button>
          ))}
        </div>
      </div>
    );
  }
  return (
    <div
      className={`row wide ${control.label.length > 16 || (characters >= BESIDE && characters < ROW) ? 'long' : ''}`}
      role="group"
      aria-label={control.label}
    >
      <span>{control.label}</span>
      {characters < ROW ? (
        <Segmented size="small" options={items} value={chosen} onChange={(value) => choose(Number(value))} />
      ) : (
        <Select
          size="small"
          aria-label={control.label}
          options={items}
          value={chosen}
          onChange={choose}
          popupMatchSelectWidth={false}
        />
      )}
    </div>
  );
}

/** Units are clicked in the picture in the sequence wanted. */
function HandRow({ control }: { control: HandControl }) {
  const clicking = useStage((state) => state.hand?.at === control.at);
  const set = useStage((state) => state.set);
  const commit = useCommit();
  useEffect(() => () => useStage.getState().set({ hand: null }), []);
  // The document may be newer than the sentence.
  const unitsNow = () => (valueAt(shownNow(), control.at) as string[] | undefined) ?? control.units;
  return (
    <div className="row wide">
      <span>
        {control.units.length === 1
          ? '1 piece has its turn'
          : `${control.units.length} pieces have their turn`}
      </span>
      <div className="buttons">
        <Button
          size="small"
          type={clicking ? 'primary' : 'default'}
          onClick={() => set({ hand: clicking ? null : { at: control.at, units: unitsNow() } })}
        >
          {clicking ? 'Done' : 'Click them in the picture'}
        </Button>
        <Button
          size="small"
          onClick={() => {
            commit([{ op: 'set', at: control.at, value: [] }]);
            if (clicking) set({ hand: { at: control.at, units: [] } });
          }}
        >
          Begin anew
        </Button>
      </div>
    </div>
  );
}

/** While the drawer is open, the angle or point can be dragged in the picture. */
function PadRow({ control }: { control: PadControl }) {
  const { at, angle, x, y } = control;
  useEffect(() => {
    useStage.getState().set({ pad: { at, angle, x, y } });
    return () => useStage.getState().set({ pad: null });
  }, [at, angle, x, y]);
  return (
    <p className="note">
      {angle === undefined ? 'Drag the target in the picture.' : 'Drag the arrow in the picture.'}
    </p>
  );
}

function TintRow({ control }: { control: TintControl }) {
  const preview = useDocument((state) => state.preview);
  const commit = useCommit();
  const set = (value: string) => [{ op: 'set' as const, at: control.at, value }];
  return (
    <div className="row wide">
      <span>{control.label}</span>
      <ColourField
        label={control.label}
        value={control.colour}
        dragged={(colour) => preview(set(colour))}
        change={(colour, gesture) => commit(set(colour), gesture && `${control.at} ${gesture}`)}
      />
    </div>
  );
}
