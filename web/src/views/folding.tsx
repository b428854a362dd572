import { useEffect, type CSSProperties } from 'react';
import { useStage, type Fold } from '../document/stage';

const KEPT = 'knollwind.folded';

/** The parts of the workbench that can be folded away, each with its key. */
export const FOLDS: { fold: Fold; name: string; key: string; area: string }[] = [
  { fold: 'page', name: 'page', key: 'P', area: 'page' },
  { fold: 'picture', name: 'picture', key: 'V', area: 'room' },
  { fold: 'sheet', name: 'bar sheet', key: 'B', area: 'sheet' },
];

/** Folds a part away, or brings it back. Page and picture are never both away. */
export function fold(which: Fold): void {
  const { folded, set } = useStage.getState();
  const other = which === 'page' ? 'picture' : which === 'picture' ? 'page' : null;
  const next = folded.includes(which)
    ? folded.filter((one) => one !== which)
    : [...folded.filter((one) => one !== other), which];
  set({ folded: next, playing: false });
  localStorage.setItem(KEPT, JSON.stringify(next));
}

/** What was folded in this browser is folded again. */
export function useFolded(): Fold[] {
  useEffect(() => {
    const kept = JSON.parse(localStorage.getItem(KEPT) ?? '[]') as Fold[];
    useStage.getState().set({ folded: FOLDS.map((one) => one.fold).filter((one) => kept.includes(one)) });
  }, []);
  return useStage((state) => state.folded);
}

/** Stands where a part is folded away, and brings it back. */
export function Folded({ which }: { which: Fold }) {
  const { name, key, area } = FOLDS.find((one) => one.fold === which)!;
  return (
    <button
      className={`folded ${area === 'sheet' ? '' : 'upright'}`}
      style={{ gridArea: area }}
      onClick={() => fold(which)}
    >
      Show the {name} ({key})
    </button>
  );
}

/** How the room is shared between what is not folded away. */
export function shared(folded: Fold[], ledger: boolean): CSSProperties {
  const strip = '22px';
  const rest = 'minmax(0, 1fr)';
  const columns = folded.includes('page')
    ? `${strip} ${rest}`
    : folded.includes('picture')
      ? `${rest} ${strip}`
      : ledger
        ? `minmax(0, 1.4fr) ${rest}`
        : `var(--page-width, 424px) ${rest}`;
  const rows = `auto ${rest} ${folded.includes('sheet') ? strip : 'var(--sheet, 236px)'}`;
  return { gridTemplateRows: rows, gridTemplateColumns: columns };
}
