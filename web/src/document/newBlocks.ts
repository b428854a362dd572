import type { Block, Project, Scene, ShapeBlock, TextBlock } from '../api/client';
import { keepPicture, pictureSize } from './pictureFile';
import { useDocument } from './store';
import { useStage } from './stage';
import { free, idsOf } from './ids';

type Shape = ShapeBlock['shape'];

export const SHAPES: { key: string; label: string; name: string; shape: Shape }[] = [
  {
    key: 'rectangle',
    label: 'a rectangle',
    name: 'Rectangle',
    shape: { kind: 'rectangle', width: px(480), height: px(270), radius: 0 },
  },
  {
    key: 'ellipse',
    label: 'an ellipse',
    name: 'Ellipse',
    shape: { kind: 'ellipse', width: px(300), height: px(300) },
  },
  {
    key: 'line',
    label: 'a line',
    name: 'Line',
    shape: { kind: 'line', length: px(480), thickness: 4, round: true },
  },
];

/** Puts each picture or film in a frame of its own; gives back what was refused and why. */
export async function addPictures(scene: Scene, files: File[]): Promise<string> {
  const base = scene.formats[0]!;
  const refused: string[] = [];
  for (const file of files) {
    try {
      const kept = await keepPicture(file);
      const { name, width, height } = pictureSize(kept);
      const scale = Math.min(1, (base.width * 0.6) / width, (base.height * 0.6) / height);
      const now = useDocument.getState().document?.scenes.find((one) => one.id === scene.id) ?? scene;
      const block = newShape(now, 'picture', 'Picture', {
        kind: 'rectangle',
        width: px(Math.max(1, Math.round(width * scale))),
        height: px(Math.max(1, Math.round(height * scale))),
        radius: 0,
      });
      block.name = name;
      block.fill = kept;
      add(now, block);
    } catch (error) {
      refused.push(`${file.name}: ${error instanceof Error ? error.message : String(error)}`);
    }
  }
  return refused.join(' ');
}

function px(value: number) {
  return { value, unit: 'px' as const };
}

/** Puts a block in front of the others, or at an index, and chooses it. */
export function add(scene: Scene, block: Block, index = scene.blocks.length): void {
  useDocument.getState().commit([{ op: 'insert', at: `scenes/${scene.id}/blocks`, index, value: block }]);
  useStage.getState().set({ block: block.id });
}

/** What every new block has: a free id, the time from the playhead on, the middle of the frame. */
function common(scene: Scene, kind: string, name: string) {
  const id = free(`${kind}-`, idsOf(scene.blocks));
  const second = Math.ceil(scene.rate.numerator / scene.rate.denominator);
  // Near the end a block would be gone at once.
  const start = Math.max(0, Math.min(useStage.getState().frame, scene.length - second));
  const centre = { value: 50, unit: 'frame' as const };
  return {
    id,
    name: `${name} ${id.slice(kind.length + 1)}`,
    span: { start, end: Math.max(start + 1, scene.length) },
    place: {
      x: centre,
      y: centre,
      rotation: 0,
      pivot: { across: 'centre' as const, down: 'middle' as const, box: 'metric' as const },
    },
    opacity: 1,
    hidden: false,
    arrive: { moves: [] },
    leave: { moves: [] },
  };
}

/** Words set as the words before them are. */
export function newWords(project: Project, scene: Scene): TextBlock {
  const models: Block[] = [scene, ...project.scenes].flatMap((one) => one.blocks);
  const model = models.find((block): block is TextBlock => block.kind === 'text');
  const face = { family: 'Archivo', style: 'normal' as const, axes: { wght: 700 }, sha256: '' };
  return {
    kind: 'text',
    ...common(scene, 'words', 'Words'),
    text: '',
    runs: [],
    setting: model ? structuredClone(model.setting) : { face, size: 120 },
  };
}

export function newShape(scene: Scene, kind: string, name: string, shape: Shape): ShapeBlock {
  return {
    kind: 'shape',
    ...common(scene, kind, name),
    shape: structuredClone(shape),
    fill: { kind: 'solid', colour: '#f0b64a' },
  };
}

/** A plate goes right behind its words and lasts as long as they do. */
export function addPlate(scene: Scene, words: Block): void {
  const shape: Shape = {
    kind: 'plate',
    behind: [words.id],
    padding: { left: 28, top: 14, right: 28, bottom: 14 },
    radius: 0,
    box: 'metric',
    waits: true,
  };
  const plate = newShape(scene, 'plate', 'Plate', shape);
  plate.span = structuredClone(words.span);
  plate.fill = { kind: 'solid', colour: '#0b1a26' };
  add(
    scene,
    plate,
    scene.blocks.findIndex((block) => block.id === words.id),
  );
}
