import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { getJson, type Block, type ReadyLook } from '../api/client';
import { editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import { withOthers } from '../document/together';
import { Gallery, Sift } from './Gallery';
import { FEELS, named, says } from './library';

/** Frames that a card lasts, and at which it stands: what moves by itself is felt, and is on its way. */
const LENGTH = 96;
const STILL = 30;

/** Ready-made looks by feel, each on the block's own words. */
export function LookGallery({ block, path, close }: { block: Block; path: string; close: () => void }) {
  const { data: looks = [], isPending: loading } = useQuery({
    queryKey: ['looks'],
    queryFn: () => getJson<ReadyLook[]>('/api/looks'),
  });
  const project = useDocument((state) => state.document!);
  const scene = project.scenes.find((one) => path.startsWith(`scenes/${one.id}/`))!;
  const [feel, setFeel] = useState('');
  const [own, setOwn] = useState(false);
  const [search, setSearch] = useState('');
  const [chosen, setChosen] = useState('');
  const { id, kind } = block;
  // Without one colour of its own there is none to be taken.
  const hasColour = (block.kind === 'text' ? block.setting.fill : block.fill)?.kind === 'solid';
  const cards = useMemo(
    () =>
      looks
        .filter((look) => says([look.name, look.sentence], search) && (!feel || look.feel === feel))
        .map(({ name, sentence }) => ({
          id: name,
          name,
          note: sentence,
          wish: {
            kind: 'showLook' as const,
            scene: scene.id,
            block: id,
            look: name,
            own,
            length: LENGTH,
          },
        })),
    [looks, search, feel, scene.id, id, own],
  );
  return (
    <Gallery
      title="Looks"
      things="looks"
      about={
        <>
          for <i>{kind === 'text' ? block.text.replace(/\s+/g, ' ').slice(0, 40) : block.name}</i>
        </>
      }
      tools={null}
      sifting={
        <>
          <h4>Feel</h4>
          {FEELS.map((one) => (
            <Sift
              key={one}
              on={feel === one}
              label={`${named(one)} · ${looks.filter((look) => look.feel === one).length}`}
              choose={() => setFeel(feel === one ? '' : one)}
            />
          ))}
          {hasColour && (
            <>
              <h4>Colour</h4>
              <Sift on={!own} label="Of the look" choose={() => setOwn(false)} />
              <Sift
                on={own}
                label={kind === 'text' ? 'Of the words' : 'Of the shape'}
                choose={() => setOwn(true)}
              />
            </>
          )}
        </>
      }
      cards={cards}
      loading={loading}
      length={LENGTH}
      still={STILL}
      project={project.id}
      scene={scene}
      search={search}
      setSearch={setSearch}
      chosen={chosen}
      choose={setChosen}
      take={(look) => {
        editOrSay({ kind: 'dressAs', scene: scene.id, blocks: withOthers(id), look, own });
        close();
      }}
      close={close}
    />
  );
}
