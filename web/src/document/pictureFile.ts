import { upload, type ShapeBlock } from '../api/client';

export interface KeptPicture {
  sha256: string;
  name: string;
  width: number;
  height: number;
}

export const PICTURE_KINDS = '.png,.jpg,.jpeg,.webp,.gif,.svg';

/** Takes a picture file in; what is refused is thrown with its reason. */
export const keepPicture = (file: File) => upload<KeptPicture>('/api/pictures', file);

/** A kept picture as what covers an area. */
export function pictureFill(kept: KeptPicture): ShapeBlock['fill'] {
  return { kind: 'picture', ...kept, mode: 'cover', x: 0.5, y: 0.5 };
}
