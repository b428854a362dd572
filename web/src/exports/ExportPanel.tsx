import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Drawer, Progress } from 'antd';
import { memo, useState } from 'react';
import { api, type ExportOrder, type Project, type Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { until } from '../document/until';
import { useExports } from '../document/useWatch';

const SAVING_MS = 10_000;
const STATES: Record<string, string> = {
  queued: 'waiting',
  running: 'being made',
  done: 'ready',
  failed: 'failed',
  cancelled: 'cancelled',
};

/** What to make, and the queue with its progress and finished files. */
export const ExportPanel = memo(function ExportPanel({
  open,
  close,
  project,
  scene,
}: {
  open: boolean;
  close: () => void;
  project: Project;
  scene: Scene;
}) {
  const { data: kinds = [] } = useQuery({
    queryKey: ['export-kinds'],
    queryFn: async () => (await api.GET('/api/export-kinds')).data ?? [],
    staleTime: Infinity,
  });
  const [wanted, setWanted] = useState<ExportOrder['kind'][]>();
  const chosen = kinds.filter((one, i) => (wanted ? wanted.includes(one.kind) : i === 0));
  const rows = chosen.filter((one) => !one.still);
  const alpha = chosen.length > 0 && chosen.every((one) => one.alpha);
  const [transparent, setTransparent] = useState(false);
  const [whole, setWhole] = useState(false);
  const exports = useExports((state) => state.exports);
  const [problem, setProblem] = useState('');
  const save = useDocument((state) => state.save);
  const format = useStage((state) => state.format);
  const frame = useStage((state) => state.frame);

  const film = whole && rows.length > 0 && project.scenes.length > 1;
  const order = async () => {
    setProblem('');
    // What was changed a moment ago, a number whose field is left by this very click for instance, is saved first.
    await until(() => useDocument.getState().save !== 'saving', SAVING_MS);
    if (useDocument.getState().save !== 'saved') {
      setProblem('Your last change is not saved yet, so it cannot be made. Try again once it is.');
      return;
    }
    const revision = useDocument.getState().base;
    // All kinds of the same frames are one order, so that they are painted once.
    for (const [first, ...others] of [rows, ...chosen.filter((one) => one.still).map((one) => [one])]) {
      if (!first) continue;
      const { error } = await api.POST('/api/projects/{id}/exports', {
        params: { path: { id: project.id } },
        body: {
          scene: scene.id,
          format,
          kind: first.kind,
          also: others.map((one) => one.kind),
          frame,
          transparent: transparent && alpha,
          film: film && !first.still,
          revision,
        },
      });
      if (error) setProblem((error as { detail?: string }).detail ?? 'The export cannot be made.');
    }
  };
  const cancel = (id: string) => void api.POST('/api/exports/{id}/cancel', { params: { path: { id } } });

  return (
    <Drawer
      open={open}
      onClose={close}
      title={`Export ${film ? project.name : scene.name}`}
      size={420}
      className="exports"
    >
      <Checkbox.Group
        className="kinds"
        value={chosen.map((one) => one.kind)}
        onChange={(values) => setWanted(values as ExportOrder['kind'][])}
      >
        {kinds.map((one) => (
          <Checkbox key={one.kind} value={one.kind}>
            {one.label} <span className="quiet">{one.explanation}</span>
          </Checkbox>
        ))}
      </Checkbox.Group>
      <Checkbox
        checked={transparent && alpha}
        disabled={!alpha}
        onChange={(event) => setTransparent(event.target.checked)}
      >
        Leave the background out (transparent)
      </Checkbox>
      {project.scenes.length > 1 && (
        <Checkbox
          checked={film}
          disabled={rows.length === 0}
          onChange={(event) => setWhole(event.target.checked)}
        >
          All scenes, one after the other
        </Checkbox>
      )}
      <Button
        type="primary"
        block
        disabled={save !== 'saved' || chosen.length === 0}
        onClick={() => void order()}
      >
        {save === 'saved' ? 'Make it' : 'Saving first…'}
      </Button>
      {problem && <p className="problem">{problem}</p>}
      <ul className="queue" aria-label="Exports">
        {exports.map((one) => (
          <li key={one.id} data-state={one.state}>
            <div>
              <b>{one.fileName}</b>
              <span className="quiet">{STATES[one.state] ?? one.state}</span>
            </div>
            {(one.state === 'queued' || one.state === 'running') && (
              <>
                <Progress percent={Math.round((100 * one.done) / Math.max(1, one.total))} size="small" />
                <Button size="small" onClick={() => cancel(one.id)}>
                  Cancel
                </Button>
              </>
            )}
            {one.state === 'done' && (
              <Button size="small" href={`/api/exports/${one.id}/file`} download>
                Download
              </Button>
            )}
            {one.message && <p className="problem">{one.message}</p>}
          </li>
        ))}
        {exports.length === 0 && <li className="quiet">Nothing made yet.</li>}
      </ul>
    </Drawer>
  );
});
