import type { ReactNode } from 'react';
import { LiveScene } from '../painter/LiveScene';
import type { Template } from './shelf';

/** A template: its cover, which plays while it is pointed at, what it is for, and what can be done with it. */
export function TemplateCard({ template, children }: { template: Template; children: ReactNode }) {
  const { id, revision, name, note, cover, frame, fields, missing } = template;
  return (
    <article className="templateCard" data-template={id}>
      <LiveScene project={id} revision={revision} scene={cover} still={frame} />
      <b>{name}</b>
      {note && <p title={note}>{note}</p>}
      <p className="quiet">
        {cover.formats.map((format) => format.name).join(', ')}
        {fields.length > 0 && ` · asks for ${fields.join(', ')}`}
      </p>
      {missing.length > 0 && (
        <p className="problem">
          {missing.join(' and ')} {missing.length === 1 ? 'is' : 'are'} not here: another face stands in until
          you add {missing.length === 1 ? 'it' : 'them'}.
        </p>
      )}
      <div className="templateTools">{children}</div>
    </article>
  );
}
