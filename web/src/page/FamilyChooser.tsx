import { StarFilled, StarOutlined } from '@ant-design/icons';
import { Input } from 'antd';
import { useEffect, useRef, useState, type KeyboardEvent } from 'react';
import type { FamiliesControl, FamilyOption } from '../api/client';
import { useDocument } from '../document/store';
import { useCommit } from './drawerCommit';
import { useStage } from '../document/stage';
import { OwnFonts, removeOwnFont } from './OwnFonts';
import { useShelf } from './familyShelf';

const ALL = 'all';
const STARRED = 'starred';
const RECENT = 'recent';
const OWN = 'own';
const LONGEST = 22;

/** The hash of the file that the family is in. */
const hashOf = (option: FamilyOption) =>
  (option.operations[0] as { value?: { sha256?: string } }).value?.sha256 ?? '';

/** Families set in the user's own words. Arrows walk the list and show each in the picture; Enter takes it, Escape gives up. */
export function FamilyChooser({ control }: { control: FamiliesControl }) {
  const preview = useDocument((state) => state.preview);
  const commit = useCommit();
  const words = useWords();
  const { shelf, star, note } = useShelf();
  const [search, setSearch] = useState('');
  const [kind, setKind] = useState(ALL);
  const [at, setAt] = useState<string | null>(null);
  const list = useRef<HTMLDivElement>(null);
  const selected = control.options.find((option) => option.selected)?.label ?? '';
  const kinds = [ALL, STARRED, RECENT, ...new Set(control.options.map((option) => option.kind))];
  const shown = control.options.filter(
    (option) =>
      option.label.toLowerCase().includes(search.trim().toLowerCase()) &&
      (kind === ALL ||
        option.kind === kind ||
        (kind === STARRED && shelf.starred.includes(option.label)) ||
        (kind === RECENT && shelf.recent.includes(option.label))),
  );

  useEffect(() => {
    list.current?.querySelector('[aria-selected=true]')?.scrollIntoView({ block: 'nearest' });
  }, []);
  // A preview that is neither taken nor given up ends with the drawer.
  useEffect(() => () => preview([]), [preview]);

  const take = (option: FamilyOption) => {
    note(option.label);
    setAt(null);
    commit(option.operations);
  };
  // A family that was just added is taken as soon as the list has it.
  const [fresh, setFresh] = useState('');
  useEffect(() => {
    const option = control.options.find((one) => one.label === fresh);
    if (!option) return;
    setFresh('');
    if (!option.selected) take(option);
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [control.options, fresh]);
  const walk = (event: KeyboardEvent) => {
    if (event.key === 'ArrowDown' || event.key === 'ArrowUp') {
      event.preventDefault();
      const now = shown.findIndex((option) => option.label === (at ?? selected));
      const next = shown[Math.max(0, Math.min(shown.length - 1, now + (event.key === 'ArrowDown' ? 1 : -1)))];
      if (!next) return;
      setAt(next.label);
      preview(next.selected ? [] : next.operations);
      list.current?.querySelector(`[data-family="${next.label}"]`)?.scrollIntoView({ block: 'nearest' });
    } else if (event.key === 'Enter') {
      const option = shown.find((one) => one.label === at) ?? (shown.length === 1 ? shown[0] : undefined);
      if (option) take(option);
    }
  };
  return (
    <div className="families" onKeyDown={walk}>
      <Input
        size="small"
        aria-label="Search families"
        placeholder="Search families"
        value={search}
        onChange={(event) => setSearch(event.target.value)}
      />
      <div className="kinds" role="group" aria-label="Kind">
        {kinds.map((one) => (
          <button key={one} className={one === kind ? 'on' : ''} onClick={() => setKind(one)}>
            {one}
          </button>
        ))}
      </div>
      <OwnFonts
        added={(family) => {
          setSearch('');
          setKind(ALL);
          setFresh(family);
        }}
      >
        <div className="familyList" role="listbox" aria-label="Families" ref={list}>
          {shown.map((option) => (
            <div
              key={option.label}
              role="option"
              aria-selected={option.selected}
              tabIndex={-1}
              data-family={option.label}
              className={`family ${option.label === (at ?? selected) ? 'on' : ''}`}
              onClick={() => take(option)}
              onKeyDown={(event) =>
                event.key === 'Enter' && event.target === event.currentTarget && take(option)
              }
            >
              <span className="familyName">{option.label}</span>
              <button
                tabIndex={option.label === (at ?? selected) ? 0 : -1}
                aria-label={`${shelf.starred.includes(option.label) ? 'Unstar' : 'Star'} ${option.label}`}
                onClick={(event) => {
                  event.stopPropagation();
                  star(option.label);
                }}
              >
                {shelf.starred.includes(option.label) ? <StarFilled /> : <StarOutlined />}
              </button>
              {option.kind === OWN && (
                <button
                  tabIndex={option.label === (at ?? selected) ? 0 : -1}
                  aria-label={`Take ${option.label} away`}
                  title="Take its font file away"
                  onClick={(event) => {
                    event.stopPropagation();
                    void removeOwnFont(hashOf(option));
                  }}
                >
                  ×
                </button>
              )}
              <span className="familyWords" style={{ fontFamily: `'${option.label}'` }}>
                {words}
              </span>
            </div>
          ))}
          {shown.length === 0 && (
            <p className="quiet">No family here. {kind === STARRED && 'Star one to find it again.'}</p>
          )}
        </div>
      </OwnFonts>
    </div>
  );
}

/** The first line of the selected block's words, shortened. */
function useWords(): string {
  const document = useDocument((state) => state.document);
  const scene = useStage((state) => state.scene);
  const block = useStage((state) => state.block);
  const found = document?.scenes.find((one) => one.id === scene)?.blocks.find((one) => one.id === block);
  const line =
    (found?.kind === 'text' && found.text.split('\n').find((one) => one.trim() !== '')) || 'Last boat home';
  return line.length > LONGEST ? line.slice(0, LONGEST) : line;
}
