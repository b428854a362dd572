import { Button, Drawer } from 'antd';
import { useEffect, useRef, useState } from 'react';
import type { Intent, Project, Scene } from '../api/client';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { draftNow } from '../document/store';
import { answerTo, lookOf } from '../document/wishes';
import { stills } from '../painter/still';
import { useTemplates, type Template } from './shelf';
import './templates.css';

const WIDE = 340;
const HIGH = 300;

/** Scenes that were taken in one go, of a template that has been published anew. */
interface Behind {
  template: Template;
  scene: Scene;
  key: string;
}

function behind(project: Project, templates: Template[]): Behind[] {
  const found = new Map<string, Behind>();
  for (const scene of project.scenes) {
    const { origin } = scene;
    const template = origin && templates.find((one) => one.id === origin.template);
    if (!origin || !template || template.revision <= origin.revision || scene.takeOf) continue;
    const key = `${origin.use ?? ''} ${template.id} ${template.revision}`;
    if (!found.has(key)) found.set(key, { template, scene, key });
  }
  return [...found.values()];
}

/** Says that a template has a newer state, and shows what following it would change. */
export function FollowBar({ project }: { project: Project }) {
  const templates = useTemplates();
  const [open, setOpen] = useState(false);
  const [later, setLater] = useState<string[]>([]);
  const first = behind(project, templates ?? []).find((one) => !later.includes(one.key));
  if (!first) return null;
  const follow: Intent = {
    kind: 'followTemplate',
    scene: first.scene.id,
    revision: first.template.revision,
  };
  return (
    <>
      <div className="noticeBar low followBar" role="status">
        <span>
          The template “{first.template.name}” has been published anew. {first.scene.name} stays as it is
          until you follow.
        </span>
        <Button size="small" onClick={() => setOpen(true)}>
          See what changes
        </Button>
        <Button size="small" type="text" onClick={() => setLater([...later, first.key])}>
          Later
        </Button>
      </div>
      <Drawer title="What changes" size={760} open={open} onClose={() => setOpen(false)} destroyOnHidden>
        <Changes
          project={project}
          scene={first.scene}
          follow={follow}
          done={() => {
            setOpen(false);
          }}
        />
      </Drawer>
    </>
  );
}

function Changes({
  project,
  scene,
  follow,
  done,
}: {
  project: Project;
  scene: Scene;
  follow: Intent;
  done: () => void;
}) {
  const [said, setSaid] = useState('');
  const [problem, setProblem] = useState('');
  const wish = JSON.stringify(follow);
  useEffect(() => {
    const { base, operations } = draftNow();
    answerTo(project.id, base, operations, lookOf(JSON.parse(wish) as Intent)).then(
      (outcome) => setSaid(outcome.said),
      (error: unknown) => setProblem(reasonOf(error)),
    );
  }, [project.id, wish]);
  return (
    <div className="followChanges">
      {said && <p>{said[0]!.toUpperCase() + said.slice(1)}.</p>}
      {problem && <p className="problem">{problem}</p>}
      <div className="followPair">
        <Still project={project} scene={scene} wish={null} label="now" />
        <Still project={project} scene={scene} wish={wish} label="then" />
      </div>
      <p>
        <Button
          type="primary"
          disabled={problem !== ''}
          onClick={() => {
            edit(follow).then(done, (error: unknown) => setProblem(reasonOf(error)));
          }}
        >
          Follow it
        </Button>{' '}
        <span className="quiet">What you filled in and changed stays. Undo brings back what was here.</span>
      </p>
    </div>
  );
}

function Still({
  project,
  scene,
  wish,
  label,
}: {
  project: Project;
  scene: Scene;
  wish: string | null;
  label: string;
}) {
  const place = useRef<HTMLDivElement>(null);
  const format = scene.formats[0]!;
  const scale = Math.min(WIDE / format.width, HIGH / format.height);
  const [wide, high] = [Math.round(format.width * scale), Math.round(format.height * scale)];
  useEffect(() => {
    let gone = false;
    const { base, operations } = draftNow();
    const draft = {
      project: project.id,
      base,
      operations,
      wishes: wish ? [lookOf(JSON.parse(wish) as Intent)] : [],
      scene: scene.id,
      format: format.id,
      resting: null,
      length: scene.length,
      piece: 1,
    };
    // What cannot be painted is said beside it.
    stills(draft, [Math.floor((scene.length - 1) / 2)], wide, high, (canvas) => {
      if (!gone) place.current?.replaceChildren(canvas);
    }).catch(() => undefined);
    return () => {
      gone = true;
    };
  }, [project.id, scene, format.id, wish, wide, high]);
  return (
    <figure data-label={label}>
      <div ref={place} style={{ width: wide, height: high }} />
      <figcaption>{label}</figcaption>
    </figure>
  );
}
