import { Button, Drawer } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { memo, useEffect, useRef, useState } from 'react';
import { postJson, type Operation, type Project, type Scene } from '../api/client';
import { useDocument } from '../document/store';
import { stills } from '../painter/still';
import { draftOf } from './states';

interface Difference {
  scene: string;
  format: string;
  frame: number;
}

interface Engine {
  /** Rules that the project does not keep to. */
  rules: string[];
  differences: Difference[];
  accept: Operation[];
}

/** Says that newer rules of looks wait to be accepted, and shows what they would change. */
export const EngineBar = memo(function EngineBar({ project }: { project: Project }) {
  const commit = useDocument((state) => state.commit);
  const [open, setOpen] = useState(false);
  const [later, setLater] = useState(false);
  const { data } = useQuery({
    queryKey: ['engine', project.id, project.engineVersion],
    queryFn: () => {
      const { base, unsaved } = useDocument.getState();
      const scene = project.scenes[0]!;
      return postJson<Engine>(`/api/projects/${project.id}/engine`, {
        base,
        patch: { operations: unsaved },
        scene: scene.id,
        format: scene.formats[0]!.id,
      });
    },
  });
  if (!data || data.rules.length === 0 || later) return null;
  const { rules, differences, accept } = data;
  const count = differences.length === 1 ? 'One scene looks' : `${differences.length} scenes look`;
  return (
    <>
      <div className="noticeBar low engineBar" role="status">
        <span>
          {rules.length === 1 ? 'A rule of looks has' : `${rules.length} rules of looks have`} changed since
          this project was made; it keeps to the old {rules.length === 1 ? 'one' : 'ones'} until you accept.{' '}
          {differences.length === 0 ? 'Nothing in it looks different.' : `${count} different.`}
        </span>
        <Button size="small" onClick={() => setOpen(true)}>
          See before and after
        </Button>
        <Button size="small" type="text" onClick={() => setLater(true)}>
          Later
        </Button>
      </div>
      <Drawer title="Before and after" size={760} open={open} onClose={() => setOpen(false)} destroyOnHidden>
        <div className="engineChanges">
          <ul>
            {rules.map((rule) => (
              <li key={rule}>{rule}</li>
            ))}
          </ul>
          <p>
            <Button
              type="primary"
              onClick={() => {
                commit(accept);
                setOpen(false);
              }}
            >
              Use the new rules
            </Button>{' '}
            <span className="quietText">Undo brings the old looks back.</span>
          </p>
          {differences.length === 0 && <p>No scene of this project looks different by them.</p>}
          {differences.map((difference) => (
            <Pair key={difference.scene} project={project} difference={difference} accept={accept} />
          ))}
        </div>
      </Drawer>
    </>
  );
});

const NONE: Operation[] = [];
const WIDE = 340;
const HIGH = 300;

/** A frame that looks different: by the old rules, and by the new ones. */
function Pair({
  project,
  difference,
  accept,
}: {
  project: Project;
  difference: Difference;
  accept: Operation[];
}) {
  const scene = project.scenes.find((one) => one.id === difference.scene);
  if (!scene) return null;
  return (
    <figure>
      <figcaption>
        {scene.name}, frame {difference.frame}
      </figcaption>
      <div className="enginePair">
        <Still project={project} scene={scene} difference={difference} operations={NONE} label="before" />
        <Still project={project} scene={scene} difference={difference} operations={accept} label="after" />
      </div>
    </figure>
  );
}

function Still({
  project,
  scene,
  difference,
  operations,
  label,
}: {
  project: Project;
  scene: Scene;
  difference: Difference;
  operations: Operation[];
  label: string;
}) {
  const place = useRef<HTMLDivElement>(null);
  const [problem, setProblem] = useState('');
  const format = scene.formats.find((one) => one.id === difference.format) ?? scene.formats[0]!;
  const scale = Math.min(WIDE / format.width, HIGH / format.height);
  const [wide, high] = [Math.round(format.width * scale), Math.round(format.height * scale)];
  useEffect(() => {
    const { base, unsaved } = useDocument.getState();
    const draft = {
      ...draftOf(project.id, base, scene),
      operations: [...unsaved, ...operations],
      format: format.id,
    };
    stills(draft, [difference.frame], wide, high, (canvas) => {
      canvas.ariaLabel = `${scene.name} ${label}`;
      canvas.role = 'img';
      place.current?.replaceChildren(canvas);
    }).catch((error: unknown) => setProblem(error instanceof Error ? error.message : String(error)));
  }, [project.id, scene, format.id, wide, high, difference.frame, operations, label]);
  return (
    <div>
      <div ref={place} style={{ width: wide, height: high }} />
      <span className="quietText">{label}</span>
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
