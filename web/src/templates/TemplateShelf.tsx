import { App, Button } from 'antd';
import { useRef } from 'react';
import { api, upload } from '../api/client';
import type { components } from '../api/generated';
import { reasonOf } from '../document/reasons';
import { useNewTemplates, useTemplates } from './shelf';
import { TemplateCard } from './TemplateCard';
import './templates.css';

type TakenIn = components['schemas']['TakenIn'];

/** The templates that a project can begin with. */
export function TemplateShelf({ begin }: { begin: (template: string) => void }) {
  const { message } = App.useApp();
  const templates = useTemplates();
  const again = useNewTemplates();
  const chooser = useRef<HTMLInputElement>(null);
  const take = async (file: File | undefined) => {
    if (!file) return;
    try {
      const { template, notes } = await upload<TakenIn>('/api/templates', file);
      void message.success(
        [`“${template.name}” is here now.`, ...notes].join(' '),
        notes.length > 0 ? 12 : 4,
      );
      again();
    } catch (error) {
      void message.error(reasonOf(error));
    }
  };
  const remove = async (id: string, name: string) => {
    await api.DELETE('/api/templates/{id}', { params: { path: { id } } });
    again();
    const bringBack = async () => {
      await api.POST('/api/projects/{id}/restore', { params: { path: { id } } });
      message.destroy(id);
      again();
    };
    void message.open({
      key: id,
      duration: 10,
      content: (
        <span>
          {name} was taken away; what was made of it stays.{' '}
          <Button type="link" size="small" onClick={() => void bringBack()}>
            Undo
          </Button>
        </span>
      ),
    });
  };
  return (
    <section className="templateShelf" aria-label="Templates">
      <h2>
        Templates
        <input
          ref={chooser}
          type="file"
          hidden
          aria-label="File of a template"
          accept=".zip,.json"
          onChange={(event) => {
            void take(event.target.files?.[0]);
            event.target.value = '';
          }}
        />
        <Button size="small" type="link" onClick={() => chooser.current?.click()}>
          Take in a file
        </Button>
      </h2>
      {templates?.length === 0 && (
        <p className="quiet">None yet. In a project, publish a scene or all of it from its fields.</p>
      )}
      <div className="templateRow">
        {templates?.map((template) => (
          <TemplateCard key={template.id} template={template}>
            <Button size="small" type="primary" onClick={() => begin(template.id)}>
              Begin with it
            </Button>
            <a
              className="ant-btn ant-btn-text ant-btn-sm"
              href={`/api/templates/${template.id}/file`}
              download
              title="One file with everything inside"
            >
              Save
            </a>
            <Button size="small" type="text" onClick={() => void remove(template.id, template.name)}>
              Take away
            </Button>
          </TemplateCard>
        ))}
      </div>
    </section>
  );
}
