import { CloseOutlined } from '@ant-design/icons';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Input, type InputRef } from 'antd';
import { useEffect, useMemo, useRef, useState, type KeyboardEvent } from 'react';
import { createPortal } from 'react-dom';
import type { Block } from '../api/client';
import { useDocument } from '../document/store';
import { editOrSay } from '../document/edit';
import { withOthers } from '../document/together';
import { pasting } from '../document/moveEdits';
import { PHASES, type PhaseName } from '../document/phases';
import { Mark } from '../Mark';
import { FEELS, found, importMoves, inPhase, toFile, usable, type Offer } from './library';
import { MoveCard } from './MoveCard';

const PURPOSE = { arrive: 'for the arrival of', dwell: 'for the dwell of', leave: 'for the leaving of' };

/** Ready-made moves by phase and feel, each playing on the block's own words. */
export function MoveGallery({
  phase: first,
  block,
  path,
  close,
}: {
  phase: PhaseName;
  block: Block;
  path: string;
  close: () => void;
}) {
  const client = useQueryClient();
  const { data: offers = [], isPending: loading } = useQuery({
    queryKey: ['moves'],
    queryFn: async () => (await (await fetch('/api/moves')).json()) as Offer[],
  });
  const project = useDocument((state) => state.document!);
  const scene = project.scenes.find((one) => path.startsWith(`scenes/${one.id}/`))!;
  const [phase, setPhase] = useState(first);
  const [feel, setFeel] = useState('');
  const [search, setSearch] = useState('');
  const [chosen, setChosen] = useState('');
  const [problem, setProblem] = useState('');
  const file = useRef<HTMLInputElement>(null);
  const field = useRef<InputRef>(null);
  const grid = useRef<HTMLDivElement>(null);

  // The block as it was when the library was opened: what is chosen here does not change what is looked at.
  const [still] = useState(() => structuredClone(block));
  const here = useMemo(() => usable(inPhase(offers, phase), still), [offers, phase, still]);
  const seen = useMemo(
    () => found(here, search).filter((offer) => !feel || offer.feel === feel),
    [here, search, feel],
  );
  const offer = seen.find((one) => one.id === chosen);
  const words = block.kind === 'text' ? block.text.replace(/\s+/g, ' ').slice(0, 40) : block.name;
  const busy = (block[phase]?.moves ?? []).length > 0;

  useEffect(() => field.current?.focus(), []);

  const apply = (one: Offer | undefined, add: boolean) => {
    if (!one) return;
    editOrSay(pasting(path, withOthers(block.id), phase, one.moves, add ? 'all' : 'instead'));
    close();
  };
  const keys = (event: KeyboardEvent) => {
    event.stopPropagation();
    const typing = (event.target as HTMLElement).tagName === 'INPUT';
    const columns = Math.max(1, getComputedStyle(grid.current!).gridTemplateColumns.split(' ').length);
    const steps: Record<string, number> = { ArrowDown: columns, ArrowUp: -columns };
    if (!typing) Object.assign(steps, { ArrowRight: 1, ArrowLeft: -1 });
    const step = steps[event.key];
    if (event.key === 'Escape') close();
    else if (event.key === 'Enter' && (typing || event.target === event.currentTarget || offer))
      apply(offer, false);
    else if (step !== undefined && seen.length > 0) {
      event.preventDefault();
      const now = seen.findIndex((one) => one.id === chosen);
      const next = now < 0 ? 0 : Math.max(0, Math.min(seen.length - 1, now + step));
      setChosen(seen[next]!.id);
      grid.current?.focus();
    }
  };
  const take = async (chosenFile: File | undefined) => {
    if (!chosenFile) return;
    try {
      const fresh = await importMoves(
        await chosenFile.text(),
        offers.map((one) => one.id),
      );
      setProblem(fresh === 0 ? 'All moves of this file are here already.' : '');
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
    await client.invalidateQueries({ queryKey: ['moves'] });
  };
  const own = offers.filter((one) => one.feel === 'own');
  const save = () => {
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([toFile(own)], { type: 'application/json' }));
    link.download = 'moves.json';
    link.click();
    URL.revokeObjectURL(link.href);
  };
  const choice = (value: string, label: string, count: number) => (
    <button
      key={value}
      className={feel === value ? 'on' : ''}
      onClick={() => setFeel(feel === value ? '' : value)}
    >
      {label} · {count}
    </button>
  );

  return createPortal(
    <div className="moveGallery" role="dialog" aria-modal aria-label="Motion library" onKeyDown={keys}>
      <header>
        <Mark />
        <b>Motion library</b>
        <span>
          {PURPOSE[phase]} <i>{words}</i>
        </span>
        <span className="push" />
        {problem && <span className="problem">{problem}</span>}
        <input
          ref={file}
          type="file"
          hidden
          accept=".json"
          aria-label="File of moves"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
        <Button onClick={() => file.current?.click()}>Import moves</Button>
        {own.length > 0 && <Button onClick={save}>Export yours</Button>}
        {offer?.feel === 'own' && (
          <Button
            onClick={() =>
              void fetch(`/api/moves/${offer.id}`, { method: 'DELETE' }).then(() =>
                client.invalidateQueries({ queryKey: ['moves'] }),
              )
            }
          >
            Delete
          </Button>
        )}
        {busy && (
          <Button disabled={!offer} onClick={() => apply(offer, true)}>
            Add to what is there
          </Button>
        )}
        <Button type="primary" disabled={!offer} onClick={() => apply(offer, false)}>
          {offer ? `Use “${offer.name}”` : 'Use'}
        </Button>
        <Button type="text" aria-label="Close the motion library" icon={<CloseOutlined />} onClick={close} />
      </header>
      <aside>
        <Input
          ref={field}
          placeholder="Search moves"
          aria-label="Search moves"
          value={search}
          onChange={(event) => setSearch(event.target.value)}
        />
        <h4>Phase</h4>
        {PHASES.map((one) => (
          <button key={one} className={phase === one ? 'on' : ''} onClick={() => setPhase(one)}>
            {one.charAt(0).toUpperCase() + one.slice(1)}
          </button>
        ))}
        <h4>Feel</h4>
        {FEELS.map((one) =>
          choice(
            one,
            one.charAt(0).toUpperCase() + one.slice(1),
            here.filter((offer) => offer.feel === one).length,
          ),
        )}
        <h4>Yours</h4>
        {here.some((one) => one.feel === 'own') ? (
          choice('own', 'Saved by you', here.filter((offer) => offer.feel === 'own').length)
        ) : (
          <p>Save a phase from its tools on the page.</p>
        )}
      </aside>
      <div className="moveGrid" ref={grid} role="listbox" aria-label="Moves" tabIndex={0}>
        {seen.map((one) => (
          <MoveCard
            key={phase + one.id}
            offer={one}
            project={project.id}
            scene={scene}
            block={still}
            phase={phase}
            chosen={one.id === chosen}
            choose={() => setChosen(one.id)}
            use={() => apply(one, false)}
          />
        ))}
        {loading && <p className="empty">The moves are being fetched…</p>}
        {!loading && seen.length === 0 && (
          <p className="empty">No move is called or does that. Search for another word.</p>
        )}
      </div>
    </div>,
    document.body,
  );
}
