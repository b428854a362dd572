import { useEffect, useState } from 'react';

/** Pairs of a lowest and a highest value, a second; as the server tells them. */
const PER_SECOND = 100;

const waveforms = new Map<string, Promise<Int8Array | null>>();

function fetched(sha256: string): Promise<Int8Array | null> {
  const known =
    waveforms.get(sha256) ??
    fetch(`/api/sounds/${sha256}/waveform`).then(
      async (answer) => (answer.ok ? new Int8Array(await answer.arrayBuffer()) : null),
      () => null,
    );
  waveforms.set(sha256, known);
  // What could not be had is asked for again another time.
  void known.then((pairs) => pairs ?? waveforms.delete(sha256));
  return known;
}

/** How loud a recording is over time; null until that is known. */
export function useWaveform(sha256: string): Int8Array | null {
  const [pairs, setPairs] = useState<Int8Array | null>(null);
  useEffect(() => {
    let gone = false;
    void fetched(sha256).then((own) => !gone && setPairs(own));
    return () => {
      gone = true;
    };
  }, [sha256]);
  return pairs;
}

/**
 * The outline of a part of a recording, in px.
 *
 * @param from seconds
 * @param to seconds
 * @param gain factor of its height; at 1 the loudest fills it
 */
export function outline(
  pairs: Int8Array,
  from: number,
  to: number,
  width: number,
  height: number,
  gain: number,
): string {
  const columns = Math.max(1, Math.floor(width));
  const middle = height / 2;
  const level = (value: number) => middle - Math.max(-1, Math.min(1, (value / 128) * gain)) * middle;
  const tops: string[] = [];
  const bottoms: string[] = [];
  for (let column = 0; column < columns; column++) {
    const begin = Math.floor((from + ((to - from) * column) / columns) * PER_SECOND);
    const end = Math.max(begin + 1, Math.floor((from + ((to - from) * (column + 1)) / columns) * PER_SECOND));
    let low = 0;
    let high = 0;
    for (let i = begin; i < end && 2 * i + 1 < pairs.length; i++) {
      low = Math.min(low, pairs[2 * i]!);
      high = Math.max(high, pairs[2 * i + 1]!);
    }
    const x = (column / columns) * width;
    tops.push(`${x.toFixed(1)} ${(level(high) - 0.4).toFixed(1)}`);
    bottoms.push(`${x.toFixed(1)} ${(level(low) + 0.4).toFixed(1)}`);
  }
  return `M${tops.join('L')}L${bottoms.reverse().join('L')}Z`;
}
