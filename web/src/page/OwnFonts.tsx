import { PlusOutlined } from '@ant-design/icons';
import { Button } from 'antd';
import { useRef, useState, type DragEvent, type ReactNode } from 'react';
import { RequestError, upload } from '../api/client';
import { useStage } from '../document/stage';
import { giveOwnFaces } from './ownFaces';

const KINDS = '.ttf,.otf,.ttc,.woff,.woff2';

/** Families have come or gone: faces are fetched anew, and everything shown is asked for again. */
function fontsChanged(): void {
  const { fonts, set } = useStage.getState();
  void giveOwnFaces();
  set({ fonts: fonts + 1 });
}

export async function removeOwnFont(sha256: string): Promise<void> {
  await fetch(`/api/fonts/own/${sha256}`, { method: 'DELETE' });
  fontsChanged();
}

/** Takes font files that are chosen or dropped here; what is refused is said with its reason. */
export function OwnFonts({ children, added }: { children: ReactNode; added: (family: string) => void }) {
  const file = useRef<HTMLInputElement>(null);
  const [busy, setBusy] = useState(false);
  const [problems, setProblems] = useState<string[]>([]);
  const [over, setOver] = useState(false);
  const take = async (files: File[]) => {
    setBusy(true);
    const refused: string[] = [];
    for (const one of files) {
      try {
        const answer = await upload<{ families: string[] }>('/api/fonts', one);
        fontsChanged();
        if (answer.families[0]) added(answer.families[0]);
      } catch (error) {
        refused.push(`${one.name}: ${error instanceof RequestError ? error.problem.detail : String(error)}`);
      }
    }
    setProblems(refused);
    setBusy(false);
  };
  const dropped = (event: DragEvent) => {
    event.preventDefault();
    setOver(false);
    void take([...event.dataTransfer.files]);
  };
  return (
    <div
      className={`ownFonts ${over ? 'over' : ''}`}
      onDragOver={(event) => {
        event.preventDefault();
        setOver(true);
      }}
      onDragLeave={() => setOver(false)}
      onDrop={dropped}
    >
      {children}
      <input
        ref={file}
        type="file"
        hidden
        multiple
        accept={KINDS}
        aria-label="Font files"
        onChange={(event) => {
          void take([...(event.target.files ?? [])]);
          event.target.value = '';
        }}
      />
      <Button
        size="small"
        type="text"
        loading={busy}
        icon={<PlusOutlined />}
        onClick={() => file.current?.click()}
      >
        Add a font file, or drop it here
      </Button>
      {problems.map((problem) => (
        <p key={problem} className="problem">
          {problem}
        </p>
      ))}
    </div>
  );
}
