import type { Block, BlockView } from '../api/client';
import { retimed, timeOf } from '../document/keying';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { editOrSay } from '../document/edit';
import { ColourField } from '../controls/ColourField';
import { CURVE_ROW, KEY_ROW } from './KeyLanes';
import { keyRows, keysCopied, keysEased, keysMirrored } from '../document/keyRows';

/** The names of the rows of keys; of the opened one, its chosen key in numbers. */
export function KeyNames({
  block,
  path,
  view,
  open,
  setOpen,
}: {
  block: Block;
  path: string;
  view: BlockView;
  open: string | null;
  setOpen: (member: string | null) => void;
}) {
  const keys = useStage((state) => state.keys);
  const commit = useDocument((state) => state.commit);
  const rows = keyRows(block, path);
  return rows.map((row) => {
    const one = keys.length === 1 ? row.keys.find((key) => keys[0]!.id === key.id) : undefined;
    const chosen = keys[0]?.member === row.member ? one : undefined;
    const factor = row.member === 'place/scale' || row.member === 'opacity' ? 100 : 1;
    return (
      <div key={row.member} className="keyName" style={{ height: row.member === open ? CURVE_ROW : KEY_ROW }}>
        <button
          aria-expanded={row.member === open}
          disabled={row.member === 'place/way'}
          title={row.member === 'place/way' ? 'Its curve is the path in the picture' : 'Its curve'}
          onClick={() => setOpen(row.member === open ? null : row.member)}
        >
          {row.label}
        </button>
        {row.member !== 'place/way' && (
          <button
            aria-label={`A key of ${row.label} at the playhead`}
            title="A key at the playhead"
            onClick={() =>
              editOrSay({
                kind: 'addKey',
                ...whereOf(path),
                member: row.member,
                frame: useStage.getState().frame,
              })
            }
          >
            +
          </button>
        )}
        {row.member === open && chosen && typeof chosen.value === 'string' && (
          <div className="keyNumbers">
            <ColourField
              label="colour of the key"
              value={chosen.value}
              change={(colour, gesture) =>
                commit(
                  [{ op: 'set', at: `${row.at}/${chosen.id}/value`, value: colour }],
                  gesture && `${chosen.id} ${gesture}`,
                )
              }
            />
          </div>
        )}
        {row.member === open && chosen && typeof chosen.value === 'number' && (
          <div className="keyNumbers">
            <KeyNumber
              label="frame"
              value={timeOf(chosen, view)}
              done={(to) =>
                commit([{ op: 'set', at: `${row.at}/${chosen.id}/at`, value: retimed(chosen, to, view) }])
              }
            />
            <KeyNumber
              label="value"
              value={chosen.value * factor}
              done={(to) => commit([{ op: 'set', at: `${row.at}/${chosen.id}/value`, value: to / factor }])}
            />
          </div>
        )}
      </div>
    );
  });
}

/** The block of a path, in the format that is shown. */
function whereOf(path: string) {
  const [, scene = '', , block = ''] = path.split('/');
  return { scene, block, format: useStage.getState().format };
}

function KeyNumber({ label, value, done }: { label: string; value: number; done: (to: number) => void }) {
  const shown = String(Math.round(value * 100) / 100);
  return (
    <label>
      {label}
      <input
        key={shown}
        aria-label={`${label} of the key`}
        defaultValue={shown}
        onKeyDown={(event) => {
          const to = Number(event.currentTarget.value);
          if (event.key === 'Enter' && Number.isFinite(to)) done(to);
          if (event.key === 'Enter' || event.key === 'Escape') event.currentTarget.blur();
        }}
      />
    </label>
  );
}

/** What can be done with the chosen keys. */
export function KeyTools({ block, path, view }: { block: Block; path: string; view: BlockView }) {
  const keys = useStage((state) => state.keys);
  const clip = useStage((state) => state.clip);
  const easings = useStage((state) => state.page?.easings) ?? [];
  const set = useStage((state) => state.set);
  const commit = useDocument((state) => state.commit);
  const rows = keyRows(block, path);
  if (rows.length === 0 && clip.length === 0) return null;
  const every = rows.flatMap((row) => row.keys.map((key) => ({ member: row.member, id: key.id })));
  return (
    <div className="keyTools" role="toolbar" aria-label="Keys">
      {every.length > keys.length && <button onClick={() => set({ keys: every })}>all keys</button>}
      {keys.length > 0 && (
        <>
          <span>{keys.length === 1 ? '1 key' : `${keys.length} keys`}</span>
          {keys.length > 1 && (
            <button onClick={() => commit(keysMirrored(rows, keys, view))}>mirror in time</button>
          )}
          <select
            aria-label="Easing of the keys"
            value=""
            onChange={(event) => commit(keysEased(rows, keys, event.target.value))}
          >
            <option value="" disabled>
              easing
            </option>
            {easings.map(({ label, function: easing }) => (
              <option key={easing} value={easing}>
                {label}
              </option>
            ))}
          </select>
          <button onClick={() => set({ clip: keysCopied(rows, keys, view) })}>copy</button>
          <button
            onClick={() => {
              editOrSay({ kind: 'removeKeys', ...whereOf(path), keys });
              set({ keys: [] });
            }}
          >
            delete
          </button>
        </>
      )}
      {clip.length > 0 && (
        <button
          title="From the playhead on, also into another block"
          onClick={() =>
            editOrSay({ kind: 'pasteKeys', ...whereOf(path), frame: useStage.getState().frame, keys: clip })
          }
        >
          paste keys
        </button>
      )}
    </div>
  );
}
