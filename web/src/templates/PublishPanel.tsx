import { Button, Drawer, Input, Segmented, Select } from 'antd';
import { useState } from 'react';
import { postJson, type Project, type Scene } from '../api/client';
import { reasonOf } from '../document/reasons';
import { saved } from '../document/settled';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { useNewTemplates, useTemplates, type Template } from './shelf';
import './templates.css';

const LONGEST_NOTE = 2000;

/** Publishes the open scene, or all of them, as a template or as a newer state of one. */
export function PublishPanel({
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
  return (
    <Drawer title="Publish as a template" size={420} open={open} onClose={close} destroyOnHidden>
      <Publish project={project} scene={scene} close={close} />
    </Drawer>
  );
}

function Publish({ project, scene, close }: { project: Project; scene: Scene; close: () => void }) {
  const templates = useTemplates() ?? [];
  const again = useNewTemplates();
  const frame = useStage((state) => state.frame);
  const [all, setAll] = useState(false);
  const [of, setOf] = useState('');
  const [name, setName] = useState(scene.name);
  const [note, setNote] = useState('');
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const choose = (id: string) => {
    setOf(id);
    const template = templates.find((one) => one.id === id);
    if (!template) return;
    setName(template.name);
    setNote(template.note);
  };
  const publish = async () => {
    setBusy(true);
    setProblem('');
    try {
      await saved();
      const made = await postJson<Template>(`/api/projects/${project.id}/publish`, {
        scenes: all ? [] : [scene.id],
        ...(of ? { template: of } : {}),
        name: name.trim(),
        note,
        cover: scene.id,
        frame: Math.min(frame, scene.length - 1),
      });
      again();
      useDocument.setState({ message: `“${made.name}” is published.` });
      close();
    } catch (error) {
      setProblem(reasonOf(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <form
      className="publish"
      onSubmit={(event) => {
        event.preventDefault();
        void publish();
      }}
    >
      {project.scenes.length > 1 && (
        <Segmented
          aria-label="What is published"
          value={all ? 'all' : 'one'}
          options={[
            { value: 'one', label: `the scene ${scene.name}` },
            { value: 'all', label: 'all scenes' },
          ]}
          onChange={(value) => {
            setAll(value === 'all');
            if (!of) setName(value === 'all' ? project.name : scene.name);
          }}
        />
      )}
      {templates.length > 0 && (
        <Select
          aria-label="Of which template"
          value={of}
          options={[
            { value: '', label: 'a new template' },
            ...templates.map((one) => ({ value: one.id, label: `the newer state of ${one.name}` })),
          ]}
          onChange={choose}
        />
      )}
      <Input
        aria-label="Name of the template"
        value={name}
        maxLength={200}
        onChange={(event) => setName(event.target.value)}
      />
      <Input.TextArea
        aria-label="Note"
        placeholder="what it is for, and what whoever uses it should know"
        rows={4}
        maxLength={LONGEST_NOTE}
        value={note}
        onChange={(event) => setNote(event.target.value)}
      />
      <p className="quiet">
        Its cover is the frame at the playhead. {fieldsSaid(project)} Scenes that stand in it, its faces and
        files come along; versions and other takes stay here.
      </p>
      <Button type="primary" htmlType="submit" loading={busy} disabled={name.trim() === ''}>
        Publish
      </Button>
      {problem && (
        <p className="problem" role="alert">
          {problem}
        </p>
      )}
    </form>
  );
}

const fieldsSaid = ({ fields = [] }: Project) =>
  fields.length === 0
    ? 'Nothing is open as a field yet, so there is nothing to be filled in.'
    : `Those of the fields that it asks for come along: ${fields.map((field) => field.name).join(', ')}.`;
