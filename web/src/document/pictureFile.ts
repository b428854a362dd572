import { upload, type Fill, type Scene } from '../api/client';
import { edit } from './edit';
import { reasonOf } from './reasons';
import { useStage } from './stage';

interface KeptPicture {
  sha256: string;
  name: string;
  width: number;
  height: number;
}

export type PictureFill = Extract<Fill, { kind: 'picture' | 'film' }>;

const STILL = /\.(png|jpe?g|webp|gif|svg)$/i;

/** What choosers of files offer first. Any other film that can be read is taken too. */
export const PICTURE_KINDS = '.png,.jpg,.jpeg,.webp,.gif,.svg,video/*,.mkv,.mxf,.nut,.apng';

/** Takes a picture or film in as what covers an area; what is refused is thrown with its reason. */
export async function keepPicture(file: File): Promise<PictureFill> {
  if (!STILL.test(file.name) && !file.type.startsWith('image/')) {
    return upload<PictureFill>('/api/films', file);
  }
  const kept = await upload<KeptPicture>('/api/pictures', file);
  return { kind: 'picture', ...kept, mode: 'cover', x: 0.5, y: 0.5 };
}

/** Puts each picture or film into a block of its own; gives back what was refused and why. */
export async function addPictures(scene: Scene, files: File[]): Promise<string> {
  const refused: string[] = [];
  for (const file of files) {
    try {
      const fill = await keepPicture(file);
      await edit({ kind: 'addPicture', scene: scene.id, frame: useStage.getState().frame, fill });
    } catch (error) {
      refused.push(`${file.name}: ${reasonOf(error)}`);
    }
  }
  return refused.join(' ');
}
