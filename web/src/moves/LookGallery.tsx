import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { getJson, type Block, type ReadyLook } from '../api/client';
import { editOrSay } from '../document/edit';
import { useDocument } from '../document/store';
import { withOthers } from '../document/together';
import { Gallery, Sift } from './Gallery';
import { FEELS, named, says, STYLES } from './library';
import { OwnTools } from './OwnTools';
import { EXTENTS, type Style } from './styles';

/** Frames that a card lasts, and at which it stands: what moves by itself is felt, and is on its way. */
const LENGTH = 96;
const STILL = 30;

/** The feel of what somebody saved. */
const OWN = 'own';

const said = (extent: Style['extent']) => EXTENTS.find(([one]) => one === extent)![1];

/** Ready-made looks by feel, and styles that were saved, each on the block's own words. */
export function LookGallery({ block, path, close }: { block: Block; path: string; close: () => void }) {
  const { data: looks = [], isPending: loading } = useQuery({
    queryKey: ['looks'],
    queryFn: () => getJson<ReadyLook[]>('/api/looks'),
  });
  const { data: styles = [] } = useQuery({
    queryKey: ['styles'],
    queryFn: () => getJson<Style[]>('/api/styles'),
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
  const cards = useMemo(() => {
    const kept = styles
      .filter((style) => says([style.name, style.sentence], search) && (!feel || feel === OWN))
      .map(({ id: style, name, sentence, extent, style: held }) => ({
        id: style,
        name,
        note: extent === 'dress' ? sentence : `${said(extent)}: ${sentence}`,
        wish: {
          kind: 'showStyle' as const,
          scene: scene.id,
          block: id,
          style: held as never,
          length: LENGTH,
        },
      }));
    const ready = looks
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
      }));
    return [...kept, ...ready];
  }, [styles, looks, search, feel, scene.id, id, own]);
  return (
    <Gallery
      title="Looks"
      things="looks"
      about={
        <>
          for <i>{kind === 'text' ? block.text.replace(/\s+/g, ' ').slice(0, 40) : block.name}</i>
        </>
      }
      tools={
        <OwnTools
          filing={STYLES}
          there={styles.map((one) => one.id)}
          own={styles.map((one) => one.style)}
          chosen={styles.find((one) => one.id === chosen)?.id ?? null}
        />
      }
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
          <h4>Yours</h4>
          {styles.length > 0 ? (
            <Sift
              on={feel === OWN}
              label={`Saved by you · ${styles.length}`}
              choose={() => setFeel(feel === OWN ? '' : OWN)}
            />
          ) : (
            <p>Save a block’s look from its tools on the page.</p>
          )}
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
        const style = styles.find((one) => one.id === look)?.style;
        const blocks = withOthers(id);
        editOrSay(
          style
            ? { kind: 'useStyle', scene: scene.id, blocks, style: style as never }
            : { kind: 'dressAs', scene: scene.id, blocks, look, own },
        );
        close();
      }}
      close={close}
    />
  );
}
