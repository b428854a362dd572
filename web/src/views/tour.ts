import { api } from '../api/client';

/** The parameter of an address that begins the walk through the workbench. */
export const TOUR = 'walk';

/** Where the demo is looked at; it is brought back where somebody has deleted it. */
export async function lookAtDemo(): Promise<string> {
  const { data, error } = await api.POST('/api/demo');
  if (!data)
    throw new Error((error as { detail?: string } | undefined)?.detail ?? 'The demo cannot be opened.');
  return `/projects/${data.id}?${TOUR}=1`;
}

/** A step of the walk: what it is about, and where that is on the page. */
export interface Step {
  title: string;
  text: string;
  where: string;
}

export const STEPS: Step[] = [
  {
    title: 'The page',
    text: 'It reads like a script: words, and under them what they do. Type over the words; click a block to choose it.',
    where: '.page',
  },
  {
    title: 'Sentences are the controls',
    text: 'Each underlined part can be changed: click it, drag it sideways, or step it by arrow keys. The pencil types it anew.',
    where: '.block.selected .direction, .page .block .direction',
  },
  {
    title: 'The picture',
    text: 'Click to choose a block, again for a word, again for a letter; drag to move it. Space plays.',
    where: '.room',
  },
  {
    title: 'The bar sheet',
    text: 'A ribbon is a block: rising hatch arrives, plain rests, falling hatch leaves. Drag its edges and its ends.',
    where: '.barSheet',
  },
  {
    title: 'Out of the door',
    text: 'Export makes video, video with a transparent ground, or stills. All is saved by itself, and Undo goes back as far as you came.',
    where: '.exportDoor',
  },
];
