import { editOrSay } from '../document/edit';
import type { AskedField } from '../fields/opened';

/** Cells that were copied in a spreadsheet become new rows. */
export function PasteNew({ fields }: { fields: AskedField[] }) {
  return (
    <input
      className="pasteNew"
      aria-label="Paste rows here"
      placeholder="or paste rows from a spreadsheet here"
      value=""
      onChange={() => undefined}
      onPaste={(event) => {
        event.preventDefault();
        const text = event.clipboardData.getData('text/plain');
        if (text.trim()) editOrSay({ kind: 'pasteCells', rows: [], field: fields[0]!.id, text });
      }}
    />
  );
}
