import { Button } from 'antd';
import { useState } from 'react';
import type { Block, BlockView, Sentence } from '../api/client';
import { edit } from '../document/edit';
import { PHASES } from '../document/phases';
import { useStage } from '../document/stage';
import { reasonOf } from '../document/reasons';
import { sentencesWith } from '../document/finding';

/** Finds words in the directions of all blocks and replaces them; what results is read like typed sentences. */
export function FindReplace({ rows }: { rows: { block: Block; view: BlockView }[] }) {
  const [find, setFind] = useState('');
  const [replace, setReplace] = useState('');
  const [busy, setBusy] = useState(false);
  const [done, setDone] = useState('');
  const found = sentencesWith(
    rows.flatMap(({ block, view }) => [
      ...PHASES.flatMap((phase) =>
        view.script[phase].sentences.map((sentence, i) => ({
          name: block.name,
          block,
          phase: phase as string,
          path: sentence.path,
          text: view.script[phase].texts[i] ?? '',
        })),
      ),
      ...(block.kind === 'text' ? [said(block, 'setting', view.script.setting)] : []),
      ...(block.dress?.length ? [said(block, 'dress', view.script.dress)] : []),
    ]),
    find,
  );
  const run = async () => {
    setBusy(true);
    try {
      setDone(await edit({ kind: 'replaceInDirections', ...opened(), find, by: replace }));
    } catch (error) {
      setDone(reasonOf(error));
    }
    setBusy(false);
  };
  return (
    <form
      className="findReplace"
      onSubmit={(event) => {
        event.preventDefault();
        if (found.length > 0 && replace !== '') void run();
      }}
    >
      <input
        aria-label="Find in directions"
        placeholder="find, such as landing softly"
        value={find}
        onChange={(event) => {
          setFind(event.target.value);
          setDone('');
        }}
      />
      <input
        aria-label="Replace by"
        placeholder="replace by"
        value={replace}
        onChange={(event) => setReplace(event.target.value)}
      />
      <Button size="small" htmlType="submit" loading={busy} disabled={found.length === 0 || replace === ''}>
        replace
      </Button>
      <span className="quietText" role="status">
        {done ||
          (find.trim() ? (found.length === 1 ? 'in one direction' : `in ${found.length} directions`) : '')}
      </span>
    </form>
  );
}

const opened = () => {
  const { scene, format } = useStage.getState();
  return { scene, format };
};

const said = (block: Block, phase: string, { path, segments }: Sentence) => ({
  name: block.name,
  block,
  phase,
  path,
  text: segments.map((segment) => segment.text).join(''),
});
