import { CloseOutlined, LeftOutlined, RightOutlined } from '@ant-design/icons';
import { Button, Segmented } from 'antd';
import { memo, useEffect } from 'react';
import { Link } from 'react-router';
import type { Project, Scene } from '../api/client';
import { editOrSay } from '../document/edit';
import { isBase } from '../document/overrides';
import { useStage } from '../document/stage';
import { rowOf } from '../document/versioned';
import { said } from '../versions/Cell';

const MEANT = [
  { value: 'cell', label: 'this cell' },
  { value: 'version', label: 'this version' },
  { value: 'format', label: 'this format' },
  { value: 'all', label: 'all versions' },
] as const;
type Meant = (typeof MEANT)[number]['value'];

/** Says which version is looked at and what changes are meant for, and lets go of what was corrected in it. */
export const VersionBar = memo(function VersionBar({ project, scene }: { project: Project; scene: Scene }) {
  const row = useStage((state) => state.row);
  const format = useStage((state) => state.format);
  const pinned = useStage((state) => state.pinned);
  const everywhere = useStage((state) => state.everywhere);
  const set = useStage((state) => state.set);
  const version = rowOf(project, row);
  useEffect(() => {
    // Taken away elsewhere, or undone.
    if (row && !version) set({ row: null });
  }, [row, version, set]);
  if (!version) return null;
  const rows = project.table?.rows ?? [];
  const place = rows.findIndex((one) => one.id === version.id);
  // Changes of the first format are those of all.
  const inAll = everywhere || (!pinned && isBase(scene, format));
  const meant: Meant = pinned ? (everywhere ? 'version' : 'cell') : inAll ? 'all' : 'format';
  const own = (version.own ?? []).filter((one) => one.scene === scene.id && (one.values?.length ?? 0) > 0);
  const name = (project.fields ?? [])
    .filter((field) => field.kind === 'text')
    .map((field) => said(version.values?.[field.id]))
    .find((words) => words !== '');
  const go = (by: number) => set({ row: rows[place + by]?.id ?? version.id });
  return (
    <div className="versionBar" role="group" aria-label="Version">
      <Button
        size="small"
        type="text"
        icon={<LeftOutlined />}
        aria-label="Version before"
        disabled={place === 0}
        onClick={() => go(-1)}
      />
      <b title={name}>
        Version {place + 1}
        {name && ` · ${name}`}
      </b>
      <Button
        size="small"
        type="text"
        icon={<RightOutlined />}
        aria-label="Version after"
        disabled={place === rows.length - 1}
        onClick={() => go(1)}
      />
      <span className="quiet">Changes are for</span>
      <Segmented
        size="small"
        aria-label="Changes are meant for"
        value={meant}
        options={MEANT.filter((one) => one.value !== 'format' || !isBase(scene, format)).map((one) => one)}
        onChange={(value) =>
          set({
            pinned: value === 'cell' || value === 'version',
            everywhere: value === 'version' || value === 'all',
          })
        }
      />
      {own.map((one) => {
        const shape = scene.formats.find((other) => other.id === one.format);
        const where = one.format ? (shape?.name ?? 'a format that has gone') : 'this version';
        return (
          <span key={one.id} className="corrected" data-correction={one.id}>
            {one.values?.length} in {where}
            <Button
              size="small"
              type="link"
              onClick={() =>
                editOrSay({ kind: 'followAgain', row: version.id, correction: one.id, values: [] })
              }
            >
              follow again
            </Button>
          </span>
        );
      })}
      <span className="spring" />
      <Link className="ant-btn ant-btn-text ant-btn-sm" to={`/projects/${project.id}/versions`}>
        Table
      </Link>
      <Button
        size="small"
        type="text"
        icon={<CloseOutlined />}
        aria-label="Leave this version"
        title="Show what stands in the project"
        onClick={() => set({ row: null })}
      />
    </div>
  );
});
