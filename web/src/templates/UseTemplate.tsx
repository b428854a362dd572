import { Button, Drawer } from 'antd';
import type { Intent } from '../api/client';
import { edit } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { useTemplates, type Template } from './shelf';
import { TemplateCard } from './TemplateCard';
import './templates.css';

/** Templates to be used in the open scene, or behind it. */
export function UseTemplate({ open, close }: { open: boolean; close: () => void }) {
  const templates = useTemplates();
  const use = (template: Template, asBlock: boolean) => {
    const { scene, frame } = useStage.getState();
    const intent: Intent = {
      kind: 'useTemplate',
      template: template.id,
      revision: template.revision,
      scene,
      frame,
      asBlock,
    };
    edit(intent).then(close, (error: unknown) => useDocument.setState({ message: reasonOf(error) }));
  };
  return (
    <Drawer title="Use a template" size={420} open={open} onClose={close} destroyOnHidden>
      {templates?.length === 0 && <p className="quiet">There are none. Publish one from the fields.</p>}
      <div className="templateList">
        {templates?.map((template) => (
          <TemplateCard key={template.id} template={template}>
            <Button size="small" type="primary" onClick={() => use(template, false)}>
              {template.scenes === 1 ? 'As a scene' : `As ${template.scenes} scenes`}
            </Button>
            <Button
              size="small"
              title="In the open scene, from the playhead on"
              onClick={() => use(template, true)}
            >
              As a block
            </Button>
          </TemplateCard>
        ))}
      </div>
    </Drawer>
  );
}
