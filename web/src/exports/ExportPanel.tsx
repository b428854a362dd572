import { Button, Checkbox, Drawer, Progress, Radio } from 'antd';
import { memo, useState } from 'react';
import { api, type ExportOrder, type Project, type Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { until } from '../document/until';
import { useExports } from '../views/useWatch';

const KINDS: { value: ExportOrder['kind']; label: string; what: string }[] = [
  { value: 'mp4', label: 'Video, MP4', what: 'H.264, for players and editors; no alpha' },
  { value: 'webm', label: 'Video, WebM', what: 'VP9, with alpha' },
  { value: 'png', label: 'Still, PNG', what: 'the frame at the playhead, with alpha' },
  { value: 'zip', label: 'Stills, ZIP', what: 'every frame as a PNG with alpha' },
];
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
  const [kind, setKind] = useState<ExportOrder['kind']>('mp4');
  const [transparent, setTransparent] = useState(false);
  const [whole, setWhole] = useState(false);
  const exports = useExports((state) => state.exports);
  const [problem, setProblem] = useState('');
  const save = useDocument((state) => state.save);
  const format = useStage((state) => state.format);
  const frame = useStage((state) => state.frame);

  const film = whole && kind !== 'png' && project.scenes.length > 1;
  const order = async () => {
    setProblem('');
    // What was changed a moment ago, a number whose field is left by this very click for instance, is saved first.
    await until(() => useDocument.getState().save !== 'saving', SAVING_MS);
    if (useDocument.getState().save !== 'saved') {
      setProblem('Your last change is not saved yet, so it cannot be made. Try again once it is.');
      return;
    }
    const { error } = await api.POST('/api/projects/{id}/exports', {
      params: { path: { id: project.id } },
      body: {
        scene: scene.id,
        format,
        kind,
        frame,
        transparent: transparent && kind !== 'mp4',
        film,
        revision: useDocument.getState().base,
      },
    });
    if (error) setProblem((error as { detail?: string }).detail ?? 'The export cannot be made.');
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
      <Radio.Group value={kind} onChange={(event) => setKind(event.target.value as ExportOrder['kind'])}>
        {KINDS.map((one) => (
          <Radio key={one.value} value={one.value}>
            {one.label} <span className="quiet">{one.what}</span>
          </Radio>
        ))}
      </Radio.Group>
      <Checkbox
        checked={transparent && kind !== 'mp4'}
        disabled={kind === 'mp4'}
        onChange={(event) => setTransparent(event.target.checked)}
      >
        Leave the background out (transparent)
      </Checkbox>
      {project.scenes.length > 1 && (
        <Checkbox
          checked={film}
          disabled={kind === 'png'}
          onChange={(event) => setWhole(event.target.checked)}
        >
          All scenes, one after the other
        </Checkbox>
      )}
      <Button type="primary" block disabled={save !== 'saved'} onClick={() => void order()}>
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
