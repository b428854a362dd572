import { Button, Drawer, InputNumber, Radio } from 'antd';
import { useEffect, useState } from 'react';
import type { Project, Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { stills } from '../painter/still';
import { timecode } from '../document/timecode';
import { evenFrames, phaseFrames } from './contact';

const WIDE = 320;
const GAP = 8;
const CAPTION = 18;
const COLUMNS = 4;

/** Frames of the scene on one sheet, evenly apart or phase by phase, to look at and to keep as a PNG. */
export function ContactSheet({
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
  const [kind, setKind] = useState<'even' | 'phases'>('even');
  const [count, setCount] = useState(12);
  const [problem, setProblem] = useState('');
  /** The kind of sheet that is painted whole. */
  const [painted, setPainted] = useState('');
  const [canvas, setCanvas] = useState<HTMLCanvasElement | null>(null);
  const formatId = useStage((state) => state.format);
  const format = scene.formats.find((one) => one.id === formatId) ?? scene.formats[0]!;

  useEffect(() => {
    if (!open || !canvas) return;
    let gone = false;
    const views = useStage.getState().page?.blocks ?? [];
    const frames = kind === 'even' ? evenFrames(scene.length, count) : phaseFrames(views, scene.length);
    const high = Math.max(1, Math.round((WIDE * format.height) / format.width));
    const columns = Math.min(COLUMNS, frames.length);
    const rows = Math.ceil(frames.length / columns);
    const paint = async () => {
      setPainted('');
      setProblem('');
      canvas.width = columns * WIDE + (columns + 1) * GAP;
      canvas.height = rows * (high + CAPTION) + (rows + 1) * GAP;
      const target = canvas.getContext('2d')!;
      target.fillStyle = '#1b1b1b';
      target.fillRect(0, 0, canvas.width, canvas.height);
      target.font = "12px 'Figtree Variable', sans-serif";
      const { base, unsaved } = useDocument.getState();
      await stills(
        {
          project: project.id,
          base,
          operations: unsaved,
          scene: scene.id,
          format: format.id,
          resting: null,
          length: scene.length,
          piece: 1,
          blurred: Boolean(scene.blur?.shutter),
        },
        frames,
        WIDE,
        high,
        (picture, i) => {
          if (gone) return;
          const x = GAP + (i % columns) * (WIDE + GAP);
          const y = GAP + Math.floor(i / columns) * (high + CAPTION + GAP);
          target.drawImage(picture, x, y);
          target.fillStyle = '#c8c8c8';
          target.fillText(`${frames[i]}   ${timecode(frames[i]!, scene.rate)}`, x, y + high + 13);
        },
      );
      if (!gone) setPainted(kind);
    };
    paint().catch((error: unknown) => setProblem(error instanceof Error ? error.message : String(error)));
    return () => {
      gone = true;
    };
  }, [open, canvas, kind, count, project, scene, format]);

  const save = () => {
    canvas?.toBlob((blob) => {
      if (!blob) return;
      const link = document.createElement('a');
      link.href = URL.createObjectURL(blob);
      link.download = `${project.name} ${scene.name} contact sheet.png`.replace(/[^\p{L}\p{N} .-]/gu, 'x');
      link.click();
      URL.revokeObjectURL(link.href);
    }, 'image/png');
  };
  return (
    <Drawer title={`Contact sheet of ${scene.name}`} size={760} open={open} onClose={close} destroyOnHidden>
      <div className="sheetChoices">
        <Radio.Group value={kind} onChange={(event) => setKind(event.target.value as typeof kind)}>
          <Radio value="even">evenly apart</Radio>
          <Radio value="phases">phase by phase</Radio>
        </Radio.Group>
        {kind === 'even' && (
          <InputNumber
            size="small"
            aria-label="How many frames"
            min={2}
            max={48}
            value={count}
            onChange={(value) => value && setCount(Math.round(value))}
          />
        )}
        <Button type="primary" disabled={painted === ''} onClick={save}>
          Save as PNG
        </Button>
      </div>
      {problem && <p className="problem">{problem}</p>}
      <canvas ref={setCanvas} className="contactSheet" data-painted={painted} aria-label="Contact sheet" />
    </Drawer>
  );
}
