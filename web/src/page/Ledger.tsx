import { Button } from 'antd';
import { memo, useState, type MouseEvent } from 'react';
import type { BlockView, Operation, Scene } from '../api/client';
import { COLUMNS, rangeText, type Column } from '../document/ledger';
import { typedOnto } from '../document/typed';
import { PHASES } from '../document/phases';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { FindReplace } from './FindReplace';

interface Chosen {
  column: string;
  blocks: string[];
}

/** The scene's blocks as a table: one row a block, one column a direction or a number, changed for many at once. */
export const Ledger = memo(function Ledger({ scene }: { scene: Scene }) {
  const page = useStage((state) => state.page);
  const block = useStage((state) => state.block);
  const set = useStage((state) => state.set);
  const commit = useDocument((state) => state.commit);
  const [chosen, setChosen] = useState<Chosen | null>(null);
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState('');
  const views = page?.blocks ?? [];
  const rows = [
    ...scene.blocks.filter((one) => one.kind === 'text'),
    ...scene.blocks.filter((one) => one.kind === 'shape'),
  ].flatMap((one) => {
    const view = views.find((other) => other.id === one.id);
    return view ? [{ block: one, view }] : [];
  });
  const column = COLUMNS.find((one) => one.name === chosen?.column);
  const cells = rows.flatMap(({ view }) => {
    const cell = chosen?.blocks.includes(view.id) ? column?.find(view) : undefined;
    return cell ? [cell] : [];
  });

  const choose = (event: MouseEvent, name: string, view: BlockView) => {
    setProblem('');
    const ids = rows.map((row) => row.view.id);
    if (chosen?.column === name && event.shiftKey) {
      const [from, to] = [ids.indexOf(chosen.blocks[0]!), ids.indexOf(view.id)];
      const between = ids.slice(Math.min(from, to), Math.max(from, to) + 1);
      setChosen({ column: name, blocks: from <= to ? between : between.reverse() });
    } else if (chosen?.column === name && (event.ctrlKey || event.metaKey)) {
      const without = chosen.blocks.filter((id) => id !== view.id);
      const blocks = without.length < chosen.blocks.length ? without : [...chosen.blocks, view.id];
      setChosen(blocks.length > 0 ? { column: name, blocks } : null);
    } else setChosen({ column: name, blocks: [view.id] });
    set({ block: view.id });
  };
  const put = (value: (now: number) => number | null) => {
    const operations: Operation[] = [];
    for (const cell of cells) {
      const next = value(cell.value);
      if (next === null) {
        setProblem('Type a number, or a change such as +2, -2, ×1.5.');
        return;
      }
      operations.push(...cell.put(next));
    }
    commit(operations);
    setTyped('');
    setProblem('');
  };

  return (
    <section className="ledger" aria-label="The ledger">
      <header>
        <b>Ledger</b>
        {cells.length > 0 && column ? (
          <form
            onSubmit={(event) => {
              event.preventDefault();
              put((now) => typedOnto(typed, now));
            }}
          >
            <span>
              {column.title} of {cells.length === 1 ? 'one block' : `${cells.length} blocks`}:{' '}
              {rangeText(cells.map((cell) => cell.value))} {cells[0]!.suffix}
            </span>
            <input
              aria-label="New value"
              placeholder="12, +2, ×1.5"
              value={typed}
              onChange={(event) => setTyped(event.target.value)}
            />
            <Button size="small" htmlType="submit">
              set
            </Button>
            {cells.length > 1 && (
              <Button size="small" onClick={() => put(() => cells[0]!.value)}>
                fill down
              </Button>
            )}
          </form>
        ) : (
          <span className="quietText">Click a number; Shift or Ctrl chooses several.</span>
        )}
        <button className="closeLedger" onClick={() => set({ ledger: false })}>
          close
        </button>
      </header>
      {problem && <p className="problem">{problem}</p>}
      <FindReplace rows={rows} />
      <div className="ledgerTable">
        <table>
          <thead>
            <tr>
              <th>block</th>
              {COLUMNS.map((one) => (
                <th key={one.name}>
                  <button onClick={() => setChosen({ column: one.name, blocks: withNumber(one, rows) })}>
                    {one.title}
                  </button>
                </th>
              ))}
              <th>arrives</th>
              <th>dwells</th>
              <th>leaves</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ block: one, view }) => (
              <tr key={one.id} className={one.id === block ? 'on' : ''} data-row={one.id}>
                <th onClick={() => set({ block: one.id })}>{one.kind === 'text' ? one.text : one.name}</th>
                {COLUMNS.map((each) => {
                  const cell = each.find(view);
                  const on = chosen?.column === each.name && chosen.blocks.includes(one.id);
                  return (
                    <td
                      key={each.name}
                      data-cell={each.name}
                      className={`number ${on ? 'on' : ''}`}
                      onClick={(event) => cell && choose(event, each.name, view)}
                    >
                      {cell ? rangeText([cell.value]) : ''}
                    </td>
                  );
                })}
                {PHASES.map((phase) => (
                  <td key={phase} className="said">
                    {view.script[phase].texts.join(' ') || '—'}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
});

const withNumber = (column: Column, rows: { view: BlockView }[]) =>
  rows.filter(({ view }) => column.find(view)).map(({ view }) => view.id);
