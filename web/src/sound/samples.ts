import { LRUCache } from 'lru-cache';
import { clickSound } from './clicks';
import { RATE } from './pieces';

/** About ten minutes of recordings stay in memory. */
const MOST = 120;
const LOUDEST = 32_768;

const chunks = new LRUCache<string, AudioBuffer>({ max: MOST });
const loading = new Map<string, Promise<AudioBuffer | null>>();

/** A chunk of a recording, if it is here. */
export const known = (sha256: string, chunk: number) => chunks.get(`${sha256}/${chunk}`);

/** Fetches a chunk of a recording; null for one that cannot be had. */
export function load(context: BaseAudioContext, sha256: string, chunk: number): Promise<AudioBuffer | null> {
  const name = `${sha256}/${chunk}`;
  const here = chunks.get(name);
  if (here) return Promise.resolve(here);
  const click = clickSound(context, sha256);
  if (click) {
    chunks.set(name, click);
    return Promise.resolve(click);
  }
  const fetched = loading.get(name) ?? take(context, sha256, chunk, name).finally(() => loading.delete(name));
  loading.set(name, fetched);
  return fetched;
}

async function take(context: BaseAudioContext, sha256: string, chunk: number, name: string) {
  const answer = await fetch(`/api/sounds/${sha256}/samples/${chunk}`).catch(() => null);
  if (!answer?.ok) return null;
  const values = new Int16Array(await answer.arrayBuffer());
  const buffer = context.createBuffer(2, Math.max(1, values.length / 2), RATE);
  for (const channel of [0, 1]) {
    const into = buffer.getChannelData(channel);
    for (let i = 0; i < into.length; i++) into[i] = (values[2 * i + channel] ?? 0) / LOUDEST;
  }
  chunks.set(name, buffer);
  return buffer;
}
