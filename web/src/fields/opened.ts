import type { Control, Part } from '../api/client';
import type { components } from '../api/generated';
import { useStage } from '../document/stage';

export type AskedField = components['schemas']['AskedField'];

const NONE: AskedField[] = [];

/** The fields of the open project, as they stand. */
export const useFields = (): AskedField[] => useStage((state) => state.page?.fields ?? NONE);

/** What can be opened: a control of a part that stands for one value. */
export const openable = (part: Part): Control[] =>
  (part.controls as Control[]).filter(
    (control) =>
      (control.kind === 'number' && !control.derived) ||
      control.kind === 'tint' ||
      control.kind === 'picture' ||
      (control.kind === 'choice' && control.options.some((option) => option.selected)),
  );

/** Whether a control changes one of these places. */
function changes(control: Control, at: string[]): boolean {
  if (control.kind === 'number')
    return control.edits.some((edit) => (edit.value ?? null) === null && at.includes(edit.at));
  if (control.kind === 'tint' || control.kind === 'picture') return at.includes(control.at);
  return (
    control.kind === 'choice' &&
    control.options.some((option) => option.operations.some((operation) => at.includes(operation.at)))
  );
}

/** The fields as which values of a part are open. */
export const fieldsOf = (part: Part, fields: AskedField[]): AskedField[] =>
  fields.length === 0
    ? NONE
    : fields.filter((field) => openable(part).some((control) => changes(control, field.at)));

/** The field as which a place of the document is open. */
export const fieldAt = (fields: AskedField[], at: string): AskedField | undefined =>
  fields.find((field) => field.at.includes(at));
