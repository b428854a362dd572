import { useQuery, useQueryClient } from '@tanstack/react-query';
import { App, Button, Input, Segmented, Select, Spin } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, type Beginning, type FrameShape, type Project } from '../api/client';
import { Beginnings } from '../page/Beginnings';
import { reasonOf } from '../document/reasons';
import { Mark } from '../Mark';
import { LiveScene } from '../painter/LiveScene';
import { TemplateShelf } from '../templates/TemplateShelf';
import { useFrameShapes } from './frameShapes';
import { sifted, type Order } from './sifting';
import { lookAtDemo } from './tour';

const RATES = ['24/1', '24000/1001', '25/1', '30000/1001', '30/1', '60/1'].map((value) => {
  const [a = 24, b = 1] = value.split('/').map(Number);
  return { value, label: `${Number((a / b).toFixed(3))} frames a second` };
});

const ORDERS: { value: Order; label: string }[] = [
  { value: 'newest', label: 'last changed' },
  { value: 'name', label: 'by name' },
];

const valueOf = (shape: FrameShape) => `${shape.width}x${shape.height}`;

/** Shapes to choose from, by what they are for. */
const grouped = (shapes: FrameShape[]) =>
  [...new Set(shapes.map((shape) => shape.group))].map((group) => ({
    label: group,
    options: shapes
      .filter((shape) => shape.group === group)
      .map((shape) => ({
        value: valueOf(shape),
        label:
          shape.name === `${shape.width}×${shape.height}`
            ? shape.name
            : `${shape.name} · ${shape.width} × ${shape.height}`,
      })),
  }));

export function ProjectsView() {
  const { message } = App.useApp();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [name, setName] = useState('');
  const [shape, setShape] = useState('1920x1080');
  const [rate, setRate] = useState('24/1');
  const shapes = useFrameShapes();
  const projects = useQuery({
    queryKey: ['projects'],
    queryFn: async () => {
      const { data } = await api.GET('/api/projects');
      if (!data) throw new Error('The projects cannot be listed.');
      return data;
    },
  });
  const [sought, setSought] = useState('');
  const [order, setOrder] = useState<Order>('newest');
  const found = sifted(projects.data ?? [], sought, order);
  const again = () => queries.invalidateQueries({ queryKey: ['projects'] });

  const create = async (beginning?: Beginning, template?: string) => {
    const [width = 1920, height = 1080] = shape.split('x').map(Number);
    const [numerator = 24, denominator = 1] = rate.split('/').map(Number);
    const { data, error } = await api.POST('/api/projects', {
      body: {
        name: name.trim() || 'Untitled',
        width,
        height,
        rate: { numerator, denominator },
        ...(beginning && { beginning }),
        ...(template && { template }),
      },
    });
    if (data) void navigate(`/projects/${data.id}`, { state: { begun: Boolean(beginning ?? template) } });
    else void message.error((error as { detail?: string })?.detail ?? 'The project cannot be made.');
  };
  const look = () =>
    lookAtDemo()
      .then((to) => navigate(to))
      .catch((error: unknown) => message.error(reasonOf(error)));
  const duplicate = async (id: string) => {
    await api.POST('/api/projects/{id}/duplicate', { params: { path: { id } } });
    void again();
  };
  const mend = async (id: string) => {
    const { error } = await api.POST('/api/projects/{id}/mend', { params: { path: { id } } });
    if (error) void message.error((error as { detail?: string }).detail ?? 'No good state was found.');
    void again();
  };
  const remove = async (id: string, title: string) => {
    await api.DELETE('/api/projects/{id}', { params: { path: { id } } });
    void again();
    const bringBack = async () => {
      await api.POST('/api/projects/{id}/restore', { params: { path: { id } } });
      message.destroy(id);
      void again();
    };
    void message.open({
      key: id,
      duration: 10,
      content: (
        <span>
          {title} was deleted.{' '}
          <Button type="link" size="small" onClick={() => void bringBack()}>
            Undo
          </Button>
        </span>
      ),
    });
  };

  return (
    <div className="projects">
      <header className="bar">
        <Mark />
        <b>Projects</b>
      </header>
      <main>
        <form
          className="newProject"
          onSubmit={(event) => {
            event.preventDefault();
            void create();
          }}
        >
          <Input
            aria-label="Name of the new project"
            placeholder="Name of a new project"
            value={name}
            maxLength={200}
            onChange={(event) => setName(event.target.value)}
          />
          <Select aria-label="Frame shape" value={shape} options={grouped(shapes)} onChange={setShape} />
          <Select aria-label="Frame rate" value={rate} options={RATES} onChange={setRate} />
          <Button type="primary" htmlType="submit">
            New project
          </Button>
        </form>
        {projects.isError && (
          <p className="problem">
            The projects cannot be listed: the server or its database does not answer.{' '}
            <Button size="small" onClick={() => void again()}>
              Try again
            </Button>
          </p>
        )}
        {projects.isLoading && <Spin />}
        {projects.data?.length === 0 && (
          <p className="quiet">
            No projects yet. Name one above, or begin with what is there to be typed over.
          </p>
        )}
        {projects.data && (
          <Beginnings lead="Or begin with" begin={(one) => void create(one)} look={() => void look()} />
        )}
        {projects.data && <TemplateShelf begin={(template) => void create(undefined, template)} />}
        {(projects.data?.length ?? 0) > 1 && (
          <div className="sifting">
            <Input
              allowClear
              type="search"
              aria-label="Find a project"
              placeholder="Find by its name or a scene's"
              value={sought}
              onChange={(event) => setSought(event.target.value)}
            />
            <Segmented
              aria-label="Order of the projects"
              options={ORDERS}
              value={order}
              onChange={(value) => setOrder(value)}
            />
          </div>
        )}
        {projects.data && projects.data.length > 0 && found.length === 0 && (
          <p className="quiet">No project is called that, and none of their scenes.</p>
        )}
        <div className="cards">
          {found.map((project) => (
            <article key={project.id} className="card">
              <button
                className="cardOpen"
                aria-label={`Open ${project.name}`}
                onClick={() => void navigate(`/projects/${project.id}`)}
              >
                <LiveCard id={project.id} revision={project.revision} />
              </button>
              <div className="cardFoot">
                <div>
                  <b>{project.name}</b>
                  <span className="quiet">
                    {project.damage
                      ? 'Damaged: its newest state cannot be read'
                      : `${project.scenes.length} ${project.scenes.length === 1 ? 'scene' : 'scenes'}`}
                  </span>
                </div>
                {project.damage && (
                  <Button size="small" danger title={project.damage} onClick={() => void mend(project.id)}>
                    Go back to its last good state
                  </Button>
                )}
                <Button size="small" onClick={() => void duplicate(project.id)}>
                  Duplicate
                </Button>
                <Button size="small" onClick={() => void remove(project.id, project.name)}>
                  Delete
                </Button>
              </div>
            </article>
          ))}
        </div>
      </main>
    </div>
  );
}

/** A project's first scene; it plays while the pointer is over it. */
function LiveCard({ id, revision }: { id: string; revision: number }) {
  const queries = useQueryClient();
  const project = useQuery({
    queryKey: ['project', id, revision],
    queryFn: async () => {
      const { data } = await api.GET('/api/projects/{id}', { params: { path: { id } } });
      // A project that cannot be read is found out by reading it; the list then says so.
      if (!data) void queries.invalidateQueries({ queryKey: ['projects'] });
      return (data?.document as Project | undefined) ?? null;
    },
  });
  const scene = project.data?.scenes[0];
  return (
    <LiveScene
      project={id}
      revision={revision}
      scene={scene}
      still={scene ? Math.floor(scene.length * 0.55) : 0}
    />
  );
}
