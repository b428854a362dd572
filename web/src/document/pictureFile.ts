import { upload, type Fill } from '../api/client';

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

/** The size of a picture, or of a film's frames, px. */
export const pictureSize = (fill: PictureFill) => (fill.kind === 'film' ? fill.picture : fill);
