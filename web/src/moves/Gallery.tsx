import { CloseOutlined } from '@ant-design/icons';
import { Button, Input, type InputRef } from 'antd';
import { useEffect, useRef, type KeyboardEvent, type ReactNode } from 'react';
import { createPortal } from 'react-dom';
import type { Scene } from '../api/client';
import { Mark } from '../Mark';
import { ReadyCard, type Ready } from './ReadyCard';

/** Ready-made things over the whole window, each on the user's own words: sifted, gone through by keys, and used. */
export function Gallery({
  title,
  things,
  about,
  tools,
  sifting,
  cards,
  loading,
  length,
  still,
  project,
  scene,
  search,
  setSearch,
  chosen,
  choose,
  take,
  close,
}: {
  title: string;
  /** What its cards show, as in "Search moves". */
  things: string;
  /** Beside the title. */
  about: ReactNode;
  /** What can be done beside using one. */
  tools: ReactNode;
  /** Under the field that is searched in. */
  sifting: ReactNode;
  cards: Ready[];
  loading: boolean;
  length: number;
  still: number;
  project: string;
  scene: Scene;
  search: string;
  setSearch: (search: string) => void;
  chosen: string;
  choose: (id: string) => void;
  take: (id: string) => void;
  close: () => void;
}) {
  const field = useRef<InputRef>(null);
  const grid = useRef<HTMLDivElement>(null);
  const ready = cards.find((one) => one.id === chosen);
  useEffect(() => field.current?.focus(), []);
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation();
    const typing = (event.target as HTMLElement).tagName === 'INPUT';
    const columns = Math.max(1, getComputedStyle(grid.current!).gridTemplateColumns.split(' ').length);
    const steps: Record<string, number> = { ArrowDown: columns, ArrowUp: -columns };
    if (!typing) Object.assign(steps, { ArrowRight: 1, ArrowLeft: -1 });
    const step = steps[event.key];
    if (event.key === 'Escape') close();
    else if (event.key === 'Enter' && (typing || event.target === event.currentTarget || ready)) {
      if (ready) take(ready.id);
    } else if (step !== undefined && cards.length > 0) {
      event.preventDefault();
      const now = cards.findIndex((one) => one.id === chosen);
      const next = now < 0 ? 0 : Math.max(0, Math.min(cards.length - 1, now + step));
      choose(cards[next]!.id);
      grid.current?.focus();
    }
  };
  return createPortal(
    <div className="moveGallery" role="dialog" aria-modal aria-label={title} onKeyDown={keys}>
      <header>
        <Mark />
        <b>{title}</b>
        <span>{about}</span>
        <span className="push" />
        {tools}
        <Button type="primary" disabled={!ready} onClick={() => ready && take(ready.id)}>
          {ready ? `Use “${ready.name}”` : 'Use'}
        </Button>
        <Button
          type="text"
          aria-label={`Close the ${title.toLowerCase()}`}
          icon={<CloseOutlined />}
          onClick={close}
        />
      </header>
      <aside>
        <Input
          ref={field}
          placeholder={`Search ${things}`}
          aria-label={`Search ${things}`}
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        {sifting}
      </aside>
      <div
        className="moveGrid"
        ref={grid}
        role="listbox"
        aria-label={things.charAt(0).toUpperCase() + things.slice(1)}
        tabIndex={0}
      >
        {cards.map((one) => (
          <ReadyCard
            key={one.id}
            ready={one}
            project={project}
            scene={scene}
            length={length}
            still={still}
            chosen={one.id === chosen}
            choose={() => choose(one.id)}
            use={() => take(one.id)}
          />
        ))}
        {loading && <p className="empty">The {things} are being fetched…</p>}
        {!loading && cards.length === 0 && (
          <p className="empty">None of the {things} is called or does that. Search for another word.</p>
        )}
      </div>
    </div>,
    document.body,
  );
}

/** A choice in the list at the side. */
export function Sift({ on, label, choose }: { on: boolean; label: string; choose: () => void }) {
  return (
    <button className={on ? 'on' : ''} onClick={choose}>
      {label}
    </button>
  );
}
