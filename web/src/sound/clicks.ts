import type { Heard, Scene } from '../api/client';
import { RATE } from './pieces';

/** What clicks are known by among recordings: the first beat of a bar, and the others. */
const CLICKS = { bar: 'click-bar', beat: 'click-beat' } as const;
const HERTZ: Record<string, number> = { [CLICKS.bar]: 1760, [CLICKS.beat]: 1175 };
const SECONDS = 0.04;
const GAIN = 0.5;
/** More beats than are clicked in: some two hours. */
const MOST = 12_000;

/** A click on every beat of a scene, to hear whether it counts as its music does. */
export function clicksOf(scene: Pick<Scene, 'beats' | 'rate' | 'length'>): Heard[] {
  const { beats, length } = scene;
  const rate = scene.rate.numerator / scene.rate.denominator;
  if (!beats) return [];
  const every = (60 / beats.perMinute) * rate;
  const clicks: Heard[] = [];
  for (let i = Math.ceil(-beats.first / every); clicks.length < MOST; i++) {
    const frame = beats.first + i * every;
    if (frame >= length) break;
    const bar = ((i % beats.perBar) + beats.perBar) % beats.perBar === 0;
    clicks.push({
      id: `click ${i}`,
      sha256: bar ? CLICKS.bar : CLICKS.beat,
      at: frame / rate,
      from: 0,
      seconds: Math.min(SECONDS, (length - frame) / rate),
      gain: GAIN,
      gains: [],
    });
  }
  return clicks;
}

/** The sound of a click; null for what is a recording. */
export function clickSound(context: BaseAudioContext, name: string): AudioBuffer | null {
  const hertz = HERTZ[name];
  if (!hertz) return null;
  const count = Math.round(SECONDS * RATE);
  const buffer = context.createBuffer(2, count, RATE);
  for (const channel of [0, 1]) {
    const into = buffer.getChannelData(channel);
    for (let i = 0; i < into.length; i++)
      into[i] = Math.sin((2 * Math.PI * hertz * i) / RATE) * (1 - i / count) ** 3;
  }
  return buffer;
}
