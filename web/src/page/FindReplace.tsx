import { Button } from 'antd';
import { useState } from 'react';
import type { Block, BlockView } from '../api/client';
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
  const [said, setSaid] = useState('');
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
      ...(block.kind === 'text' ? [settingOf(block, view)] : []),
    ]),
    find,
  );
  const run = async () => {
    setBusy(true);
    try {
      setSaid(await edit({ kind: 'replaceInDirections', ...opened(), find, by: replace }));
    } catch (error) {
      setSaid(reasonOf(error));
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
          setSaid('');
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
        {said ||
          (find.trim() ? (found.length === 1 ? 'in one direction' : `in ${found.length} directions`) : '')}
      </span>
    </form>
  );
}

const opened = () => {
  const { scene, format } = useStage.getState();
  return { scene, format };
};

const settingOf = (block: Block, view: BlockView) => ({
  name: block.name,
  block,
  phase: 'setting',
  path: view.script.setting.path,
  text: view.script.setting.segments.map((segment) => segment.text).join(''),
});
