import { upload, type Sound } from '../api/client';

/** The recording that a sound plays. */
export type SoundSource = Pick<Sound, 'sha256' | 'name' | 'seconds'>;

/** What choosers of files offer first. */
export const SOUND_KINDS = 'audio/*,video/*,.flac,.opus,.ogg,.wav,.aiff,.mka';

/** Takes a recording in; what is refused is thrown with its reason. */
export async function keepSound(file: File): Promise<SoundSource> {
  const { sha256, name, seconds } = await upload<Sound>('/api/sounds', file);
  return { sha256, name, seconds };
}
