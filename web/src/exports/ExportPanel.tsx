import { useQuery } from '@tanstack/react-query';
import { Button, Checkbox, Drawer, Progress, Segmented } from 'antd';
import { memo, useState } from 'react';
import { api, type ExportOrder, type Project, type Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { saved } from '../document/settled';
import { useExports } from '../document/useWatch';

const CAPTIONS: { value: NonNullable<ExportOrder['captions']>; label: string }[] = [
  { value: 'picture', label: 'in the picture' },
  { value: 'tracks', label: 'inside the file' },
  { value: 'nowhere', label: 'left out' },
];
const STATES: Record<string, string> = {
  queued: 'waiting',
  running: 'being made',
  done: 'ready',
  failed: 'failed',
  cancelled: 'cancelled',
};

/** What will come out of one order, told by the server. */
function Outcome({ project, order }: { project: string; order: ExportOrder }) {
  const { data } = useQuery({
    queryKey: ['export-outcome', project, order],
    queryFn: async () =>
      await api.POST('/api/projects/{id}/exports/outcome', {
        params: { path: { id: project } },
        body: order,
      }),
    placeholderData: (before) => before,
  });
  if (!data) return null;
  if (!data.data) return <li className="problem">{detail(data.error)}</li>;
  const { fileNames, width, height, rate, frames, seconds, estimate } = data.data;
  return (
    <li>
      {fileNames.map((name) => (
        <b key={name}>{name}</b>
      ))}
      <span className="quiet">
        {width} × {height} px
        {order.kind !== 'png' &&
          `, ${frames} ${frames === 1 ? 'frame' : 'frames'} at ${Number(rate.toFixed(3))} a second, ${Number(seconds.toFixed(2))} s`}
        {`; made in about ${estimate < 90 ? `${Math.ceil(estimate)}\u00a0s` : `${Math.ceil(estimate / 60)}\u00a0min`}`}
      </span>
    </li>
  );
}

const detail = (error: unknown) =>
  (error as { detail?: string } | undefined)?.detail ?? 'The export cannot be made.';

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
  const [transparent, setTransparent] = useState(false);
  const opaque = transparent ? chosen.filter((one) => !one.alpha) : [];
  const [whole, setWhole] = useState(false);
  const exports = useExports((state) => state.exports);
  const [problem, setProblem] = useState('');
  const save = useDocument((state) => state.save);
  const format = useStage((state) => state.format);
  const row = useStage((state) => state.row);
  const version = (project.table?.rows ?? []).findIndex((one) => one.id === row) + 1;
  const frame = useStage((state) => state.frame);

  const range = useStage((state) => state.range);
  const [marked, setMarked] = useState(false);
  const film = whole && rows.length > 0 && project.scenes.length > 1;
  const stretch = marked && !film && rows.length > 0 ? range : null;
  const [captions, setCaptions] = useState<NonNullable<ExportOrder['captions']>>('picture');
  const captioned = (film ? project.scenes : [scene]).some((one) => (one.captions?.lines.length ?? 0) > 0);
  const [ticked, setTicked] = useState<string[]>();
  const shapes = scene.formats.filter((one) => (ticked ?? [format]).includes(one.id));
  const base = useDocument((state) => state.base);

  // All kinds of the same frames are one order, so that they are painted once.
  const alike = [
    rows.filter((one) => !opaque.includes(one)),
    rows.filter((one) => opaque.includes(one)),
    ...chosen.filter((one) => one.still).map((one) => [one]),
  ];
  const orders = (revision: number) =>
    shapes.flatMap((shape) =>
      alike.flatMap(([first, ...others]) =>
        first
          ? [
              {
                scene: scene.id,
                format: shape.id,
                ...(row ? { row } : {}),
                kind: first.kind,
                also: others.map((one) => one.kind),
                frame,
                transparent: transparent && first.alpha,
                film: film && !first.still,
                ...(stretch && !first.still ? { stretch } : {}),
                ...(captioned ? { captions } : {}),
                revision,
              },
            ]
          : [],
      ),
    );
  /** Where nothing that is chosen can be transparent, a kind that can is chosen instead. */
  const leaveOut = (leave: boolean) => {
    setTransparent(leave);
    const able = kinds.find((one) => one.alpha && !one.still);
    if (leave && able && !chosen.some((one) => one.alpha)) setWanted([able.kind]);
  };
  const make = async () => {
    setProblem('');
    // What was changed a moment ago, a number whose field is left by this very click for instance, is saved first.
    try {
      await saved();
    } catch (error) {
      setProblem((error as Error).message);
      return;
    }
    for (const body of orders(useDocument.getState().base)) {
      const { error } = await api.POST('/api/projects/{id}/exports', {
        params: { path: { id: project.id } },
        body,
      });
      if (error) setProblem(detail(error));
    }
  };
  const cancel = (id: string) => void api.POST('/api/exports/{id}/cancel', { params: { path: { id } } });

  return (
    <Drawer
      open={open}
      onClose={close}
      title={`Export ${film ? project.name : scene.name}${version > 0 ? `, version ${version}` : ''}`}
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
      <Checkbox checked={transparent} onChange={(event) => leaveOut(event.target.checked)}>
        Leave the background out (transparent)
      </Checkbox>
      {opaque.length > 0 && (
        <p className="quiet">
          {opaque.map((one) => one.label).join(' and ')} {opaque.length === 1 ? 'has' : 'have'} no alpha and{' '}
          {opaque.length === 1 ? 'keeps' : 'keep'} the background.
        </p>
      )}
      {range && (
        <Checkbox
          checked={stretch !== null}
          disabled={rows.length === 0 || film}
          onChange={(event) => setMarked(event.target.checked)}
        >
          Only the marked stretch, frames {range.from} to {range.to}
        </Checkbox>
      )}
      {project.scenes.length > 1 && (
        <Checkbox
          checked={film}
          disabled={rows.length === 0}
          onChange={(event) => setWhole(event.target.checked)}
        >
          All scenes, one after the other
        </Checkbox>
      )}
      {captioned && (
        <div className="exportCaptions">
          <span>Captions</span>
          <Segmented
            size="small"
            aria-label="Captions"
            value={captions}
            options={CAPTIONS}
            onChange={(value) => setCaptions(value)}
          />
          <p className="quiet">
            {captions === 'tracks'
              ? 'Plain words in every language, which players switch on; stills have none.'
              : captions === 'picture'
                ? 'Dressed as they are, for good.'
                : 'Not in the picture. '}
            {scene.captions && !film && (
              <>
                {' '}
                Beside it:{' '}
                {['srt', 'vtt'].map((form) => (
                  <a
                    key={form}
                    href={`/api/projects/${project.id}/scenes/${scene.id}/captions.${form}`}
                    download
                  >
                    .{form}{' '}
                  </a>
                ))}
              </>
            )}
          </p>
        </div>
      )}
      {scene.formats.length > 1 && (
        <Checkbox.Group
          className="kinds shapes"
          aria-label="Formats"
          value={shapes.map((one) => one.id)}
          options={scene.formats.map((one) => ({ value: one.id, label: one.name }))}
          onChange={setTicked}
        />
      )}
      {open && save === 'saved' && (
        <ul className="outcome" aria-label="What will come out">
          {orders(base).map((one) => (
            <Outcome key={`${one.format} ${one.kind}`} project={project.id} order={one} />
          ))}
        </ul>
      )}
      <Button
        type="primary"
        block
        disabled={save !== 'saved' || chosen.length === 0 || shapes.length === 0}
        onClick={() => void make()}
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
