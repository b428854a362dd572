import { useQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { useMemo, useState } from 'react';
import type { Block } from '../api/client';
import { useDocument } from '../document/store';
import { editOrSay } from '../document/edit';
import { withOthers } from '../document/together';
import { pasting } from '../document/moveEdits';
import { PHASES, type PhaseName } from '../document/phases';
import { Gallery, Sift } from './Gallery';
import { OwnTools } from './OwnTools';
import { cardFrame, cardLength, FEELS, found, inPhase, MOVES, named, usable, type Offer } from './library';

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

  const apply = (one: Offer | undefined, add: boolean) => {
    if (!one) return;
    editOrSay(pasting(path, withOthers(block.id), phase, one.moves, add ? 'all' : 'instead'));
    close();
  };
  const own = offers.filter((one) => one.feel === 'own');
  const cards = useMemo(
    () =>
      seen.map((one) => ({
        id: one.id,
        name: one.name,
        note: one.note || one.sentences.join(' '),
        wish: {
          kind: 'showMoves' as const,
          scene: scene.id,
          block: still.id,
          phase,
          moves: one.moves as never[],
          length: cardLength(phase),
        },
      })),
    [seen, scene.id, still.id, phase],
  );
  const count = (of: string) => here.filter((one) => one.feel === of).length;
  const sift = (of: string, label: string) => (
    <Sift
      key={of}
      on={feel === of}
      label={`${label} · ${count(of)}`}
      choose={() => setFeel(feel === of ? '' : of)}
    />
  );

  return (
    <Gallery
      title="Motion library"
      things="moves"
      about={
        <>
          {PURPOSE[phase]} <i>{words}</i>
        </>
      }
      tools={
        <>
          <OwnTools
            filing={MOVES}
            there={offers.map((one) => one.id)}
            own={own.map(({ name, note, phase, moves }) => ({ name, note, phase, moves }))}
            chosen={offer?.feel === 'own' ? offer.id : null}
          />
          {busy && (
            <Button disabled={!offer} onClick={() => apply(offer, true)}>
              Add to what is there
            </Button>
          )}
        </>
      }
      sifting={
        <>
          <h4>Phase</h4>
          {PHASES.map((one) => (
            <Sift key={one} on={phase === one} label={named(one)} choose={() => setPhase(one)} />
          ))}
          <h4>Feel</h4>
          {FEELS.map((one) => sift(one, named(one)))}
          <h4>Yours</h4>
          {count('own') > 0 ? sift('own', 'Saved by you') : <p>Save a phase from its tools on the page.</p>}
        </>
      }
      cards={cards}
      loading={loading}
      length={cardLength(phase)}
      still={cardFrame(phase)}
      project={project.id}
      scene={scene}
      search={search}
      setSearch={setSearch}
      chosen={chosen}
      choose={setChosen}
      take={(id) =>
        apply(
          seen.find((one) => one.id === id),
          false,
        )
      }
      close={close}
    />
  );
}
