import type { Heard, Scene } from '../api/client';
import { beatsOf } from '../document/beats';
import { RATE } from './pieces';

/** What clicks are known by among recordings: the first beat of a bar, and the others. */
const CLICKS = { bar: 'click-bar', beat: 'click-beat' } as const;
const HERTZ: Record<string, number> = { [CLICKS.bar]: 1760, [CLICKS.beat]: 1175 };
const SECONDS = 0.04;
const GAIN = 0.5;

/** A click on every beat of a scene, to hear whether it counts as its music does. */
export function clicksOf(scene: Pick<Scene, 'beats' | 'rate' | 'length'>): Heard[] {
  const rate = scene.rate.numerator / scene.rate.denominator;
  return beatsOf(scene, scene.length).map(({ n, at, bar }) => ({
    id: `click ${n}`,
    sha256: bar ? CLICKS.bar : CLICKS.beat,
    at: at / rate,
    from: 0,
    seconds: Math.min(SECONDS, (scene.length - at) / rate),
    gain: GAIN,
    gains: [],
  }));
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
