import { Button, Select } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, postJson, type Format, type Scene } from '../api/client';
import type { components } from '../api/generated';
import { reasonOf } from '../document/reasons';
import { useDocument } from '../document/store';

type Batch = components['schemas']['BatchView'];
type Kind = components['schemas']['ExportOrder']['kind'];

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
  const [kind, setKind] = useState<Kind>();
  const [problem, setProblem] = useState('');
  const [asked, setAsked] = useState(false);
  const made = (chosen.length || count) * formats.length;
  const again = () => queries.invalidateQueries({ queryKey: ['versions', project] });
  const make = async () => {
    setAsked(true);
    setProblem('');
    try {
      await postJson(`/api/projects/${project}/versions`, {
        order: {
          scene: scene.id,
          format: formats[0]!.id,
          kind: kind ?? kinds[0]?.kind,
          frame: 0,
          transparent: false,
        },
        rows: chosen,
        formats: formats.map((one) => one.id),
      });
    } catch (error) {
      setProblem(reasonOf(error));
    }
    await again();
    setAsked(false);
  };
  const stop = async () => {
    await api.DELETE('/api/projects/{id}/versions/{batch}', {
      params: { path: { id: project, batch: batch!.batch } },
    });
    await again();
  };
  return (
    <footer className="makeBar" aria-label="Making the versions">
      {batch ? (
        <span role="status">
          {batch.made} of {batch.total} made
          {batch.failed > 0 && `, ${batch.failed} failed: ${batch.cells.find((one) => one.message)?.message}`}
          {!batch.over && ' …'}
        </span>
      ) : (
        <span className="quiet">Nothing is made yet.</span>
      )}
      {batch && !batch.over && (
        <Button type="link" onClick={() => void stop()}>
          stop
        </Button>
      )}
      {batch && batch.made > 0 && (
        <a href={`/api/projects/${project}/versions/${batch.batch}/files`} download>
          all files as one archive
        </a>
      )}
      {problem && (
        <span className="problem" role="alert">
          {problem}
        </span>
      )}
      <span className="spring" />
      <Select
        aria-label="What is made of each"
        value={kind ?? kinds[0]?.kind}
        options={kinds.map((one) => ({ value: one.kind, label: one.label }))}
        popupMatchSelectWidth={false}
        onChange={setKind}
      />
      <Button type="primary" disabled={!saved || made === 0 || asked} onClick={() => void make()}>
        {chosen.length > 0 ? `Make the chosen ${made}` : `Make all ${made}`}
      </Button>
    </footer>
  );
}

/** The state of a version in a format, in words; empty where it was not asked for. */
export function cellState(batch: Batch | null, row: string, format: string): string {
  const cell = batch?.cells.find((one) => one.row === row && one.format === format);
  const words: Record<string, string> = {
    queued: 'waits',
    running: 'is made',
    done: 'made',
    failed: 'failed',
  };
  return (cell && words[cell.state]) ?? '';
}
