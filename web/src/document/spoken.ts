import type { Scene, Sound, VoiceWord } from '../api/client';
import { heardIn } from './sounds';
import { useDocument } from './store';
import { frames } from './times';

/** A word that is heard in a scene, under the id that moments hang on. */
export interface Spoken {
  id: string;
  text: string;
  /** Scene frames. */
  at: number;
  until: number;
}

const NONE: Spoken[] = [];
const known = new WeakMap<VoiceWord[], Map<string, Spoken[]>>();

/** The words of a sound at the frames of its scene, as far as they are in the part that is heard. */
export function spokenOf(scene: Scene, sound: Sound): Spoken[] {
  const words = useDocument.getState().document?.voices?.find((one) => one.id === sound.sha256)?.words;
  if (!words) return NONE;
  const rate = scene.rate.numerator / scene.rate.denominator;
  const { from = 0, to = sound.seconds } = sound;
  const start = frames(sound.start);
  const key = `${sound.id} ${rate} ${start} ${from} ${to}`;
  const there = known.get(words) ?? new Map<string, Spoken[]>();
  known.set(words, there);
  const made =
    there.get(key) ??
    words
      .filter((word) => word.end > from && word.start < to)
      .map((word) => ({
        id: `${sound.id}.${word.id}`,
        text: word.text,
        at: start + (word.start - from) * rate,
        until: start + (word.end - from) * rate,
      }));
  there.set(key, made);
  return made;
}

/** All words that are heard in a scene. */
export const spokenIn = (scene: Scene): Spoken[] => heardIn(scene).flatMap((sound) => spokenOf(scene, sound));
