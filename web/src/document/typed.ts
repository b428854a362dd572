import type { Scene } from '../api/client';
import { readTime } from './edits';

const NUMBER = String.raw`\d+(?:[.,]\d+)?|[.,]\d+`;
const value = (text: string) => Number(text.replace(',', '.'));

/**
 * What a typed text makes of a number: `12` is 12, `+2` adds, `×1.5`, `*1.5` and `x1.5` multiply, `50 %` is half of it, `=-2` is
 * minus two. Null when it cannot be read.
 *
 * @param minus what `-2` does: takes two away, or is minus two where numbers below zero are usual
 * @param percent whether the number is in percent itself, so that `50 %` is 50
 */
export function typedOnto(
  text: string,
  now: number,
  minus: 'takes away' | 'is negative' = 'takes away',
  percent = false,
): number | null {
  const share = new RegExp(`^\\s*(${NUMBER})\\s*%\\s*$`).exec(text);
  if (share) return percent ? value(share[1]!) : (now * value(share[1]!)) / 100;
  const match = new RegExp(`^\\s*([+\\-−×x*]|=\\s*-?)?\\s*(${NUMBER})\\s*$`, 'i').exec(text);
  if (!match) return null;
  const number = value(match[2]!);
  switch (match[1]?.replace(/\s/g, '').toLowerCase()) {
    case '+':
      return now + number;
    case '-':
    case '−':
      return minus === 'takes away' ? now - number : -number;
    case '×':
    case 'x':
    case '*':
      return now * number;
    case '=-':
      return -number;
    default:
      return number;
  }
}

/** What times are typed by. */
export interface Clock {
  /** Frames a second. */
  rate: number;
  /** Frames from a beat to the next; null without a tempo. */
  beat: number | null;
}

export function clockOf(scene: Pick<Scene, 'rate' | 'beats'>): Clock {
  const rate = scene.rate.numerator / scene.rate.denominator;
  return { rate, beat: scene.beats ? (rate * 60) / scene.beats.perMinute : null };
}

/**
 * A time typed onto another: any form of a time, or one with + or - before it to be that much later or earlier, or a factor.
 * Null when it cannot be read.
 */
export function timeOnto(text: string, now: number, { rate, beat }: Clock): number | null {
  const shift = /^\s*([+\-−])\s*(.+)$/.exec(text);
  if (shift) {
    const by = readTime(shift[2]!, rate, beat);
    return by === null ? null : shift[1] === '+' ? now + by : now - by;
  }
  return readTime(text, rate, beat) ?? (/[×x*%]/i.test(text) ? typedOnto(text, now) : null);
}
