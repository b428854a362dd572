import { Button, Dropdown, Select } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, postJson, type Format, type Scene } from '../api/client';
import type { components } from '../api/generated';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';
import { middleOf } from '../document/times';

export type Batch = components['schemas']['BatchView'];
type Kind = components['schemas']['ExportOrder']['kind'];
type Turn = 'PAUSE' | 'RESUME' | 'RETRY' | 'FIRST' | 'STOP';

const EVERY_MS = 1000;

/** How the versions stand that were ordered last; nothing where none were. */
export function useBatch(project: string): Batch | null {
  const { data } = useQuery({
    queryKey: ['versions', project],
    queryFn: async () => {
      const answer = await fetch(`/api/projects/${project}/versions`);
      return answer.status === 200 ? ((await answer.json()) as Batch) : null;
    },
    refetchInterval: (query) => (query.state.data && !query.state.data.over ? EVERY_MS : false),
  });
  return data ?? null;
}

/** What is made of the versions, and how far that has come. */
export function MakeBar({
  project,
  scene,
  formats,
  chosen,
  count,
}: {
  project: string;
  scene: Scene;
  formats: Format[];
  /** Ids of the rows that are chosen; none for all. */
  chosen: string[];
  count: number;
}) {
  const { data: kinds = [] } = useQuery({
    queryKey: ['export-kinds'],
    queryFn: async () => (await api.GET('/api/export-kinds')).data ?? [],
    staleTime: Infinity,
  });
  const queries = useQueryClient();
  const batch = useBatch(project);
  const saved = useDocument((state) => state.save === 'saved');
  const [wished, setWished] = useState<Kind[]>([]);
  const [problem, setProblem] = useState('');
  const [written, setWritten] = useState('');
  const [asked, setAsked] = useState(false);
  const asKinds = wished.length > 0 ? wished : kinds.slice(0, 1).map((one) => one.kind);
  const made = (chosen.length || count) * formats.length * Math.max(1, asKinds.length);
  const ask = async (what: () => Promise<unknown>) => {
    setAsked(true);
    setProblem('');
    setWritten('');
    try {
      await what();
    } catch (error) {
      setProblem(reasonOf(error));
    }
    await queries.invalidateQueries({ queryKey: ['versions', project] });
    setAsked(false);
  };
  const make = (changed: boolean) =>
    ask(() =>
      postJson(`/api/projects/${project}/versions`, {
        order: {
          scene: scene.id,
          format: formats[0]!.id,
          kind: asKinds[0],
          also: asKinds.slice(1),
          frame: middleOf(scene),
          transparent: false,
        },
        rows: chosen,
        formats: formats.map((one) => one.id),
        changed,
      }),
    );
  const turn = (to: Turn) =>
    ask(() =>
      api.POST('/api/projects/{id}/versions/{batch}/turn', {
        params: { path: { id: project, batch: batch!.batch }, query: { to } },
      }),
    );
  const write = () =>
    ask(async () => {
      const said = await postJson<{ folder: string; count: number }>(
        `/api/projects/${project}/versions/${batch!.batch}/folder`,
        {},
      );
      setWritten(`${said.count} written to ${said.folder}`);
    });
  return (
    <footer className="makeBar" aria-label="Making the versions">
      {batch ? (
        <span role="status">
          {batch.made} of {batch.total} made
          {batch.failed > 0 && `, ${batch.failed} failed: ${batch.cells.find((one) => one.message)?.message}`}
          {batch.paused > 0 && `, ${batch.paused} wait until you go on`}
          {!batch.over && batch.paused === 0 && `, about ${spoken(batch.secondsLeft)} left`}
        </span>
      ) : (
        <span className="quiet">Nothing is made yet.</span>
      )}
      {batch && <Turns batch={batch} turn={(to) => void turn(to)} />}
      {batch && batch.made > 0 && (
        <Dropdown
          trigger={['click']}
          menu={{
            items: [
              {
                key: 'zip',
                label: (
                  <a href={`/api/projects/${project}/versions/${batch.batch}/files`} download>
                    as one archive
                  </a>
                ),
              },
              { key: 'folder', label: 'into the folder of the server', onClick: () => void write() },
            ],
          }}
        >
          <Button type="link">all files …</Button>
        </Dropdown>
      )}
      {written && <span className="quiet">{written}</span>}
      {problem && (
        <span className="problem" role="alert">
          {problem}
        </span>
      )}
      <span className="spring" />
      <Link to="/workers">Workers</Link>
      <Select
        aria-label="What is made of each"
        mode="multiple"
        className="kinds"
        value={asKinds}
        options={kinds.map((one) => ({ value: one.kind, label: one.label }))}
        popupMatchSelectWidth={false}
        onChange={setWished}
      />
      <Button disabled={!saved || made === 0 || asked || !batch} onClick={() => void make(true)}>
        Make what has changed
      </Button>
      <Button type="primary" disabled={!saved || made === 0 || asked} onClick={() => void make(false)}>
        {chosen.length > 0 ? `Make the chosen ${made}` : `Make all ${made}`}
      </Button>
    </footer>
  );
}

/** What can be done with what is not made yet. */
function Turns({ batch, turn }: { batch: Batch; turn: (to: Turn) => void }) {
  const waits = batch.cells.some((one) => one.state === 'queued');
  const offers: [boolean, Turn, string][] = [
    [waits, 'PAUSE', 'pause'],
    [batch.paused > 0, 'RESUME', 'go on'],
    [waits, 'FIRST', 'before all others'],
    [batch.cells.some((one) => one.state === 'failed' || one.state === 'cancelled'), 'RETRY', 'try again'],
    [!batch.over, 'STOP', 'stop'],
  ];
  return (
    <>
      {offers
        .filter(([offered]) => offered)
        .map(([, to, label]) => (
          <Button key={to} type="link" onClick={() => turn(to)}>
            {label}
          </Button>
        ))}
    </>
  );
}

/** A stretch of time as one says it. */
function spoken(seconds: number): string {
  if (seconds < 90) return `${Math.max(1, Math.round(seconds))} s`;
  return seconds < 5400 ? `${Math.round(seconds / 60)} min` : `${(seconds / 3600).toFixed(1)} h`;
}

/** The state of a version in a format, in words; empty where it was not asked for. */
export function cellState(batch: Batch | null, row: string, format: string): string {
  const cells = batch?.cells.filter((one) => one.row === row && one.format === format) ?? [];
  const cell = cells.find((one) => one.state !== 'done') ?? cells[0];
  if (!cell) return '';
  if (cell.state === 'running')
    return cell.worker ? `${cell.worker} makes it, ${cell.done} of ${cell.total}` : 'is made';
  const words: Record<string, string> = {
    queued: 'waits',
    paused: 'paused',
    done: 'made',
    failed: 'failed',
    cancelled: 'stopped',
  };
  return words[cell.state] ?? '';
}
