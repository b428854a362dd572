import { describe, expect, it } from 'vitest';
import { clicksOf, clickSound } from './clicks';

const scene = (first: number, perBar = 4) => ({
  rate: { numerator: 24, denominator: 1 },
  length: 48,
  beats: { perMinute: 120, first, perBar },
});

describe('clicks', () => {
  it('stand on every beat of the scene, another one on the first of each bar', () => {
    const clicks = clicksOf(scene(0, 3));
    expect(clicks.map((one) => one.at)).toEqual([0, 0.5, 1, 1.5]);
    expect(clicks.map((one) => one.sha256)).toEqual(['click-bar', 'click-beat', 'click-beat', 'click-bar']);
  });

  it('come before a first beat that is later, and not before the scene', () => {
    const clicks = clicksOf(scene(18));
    expect(clicks.map((one) => one.at)).toEqual([0.25, 0.75, 1.25, 1.75]);
    expect(clicks.findIndex((one) => one.sha256 === 'click-bar')).toBe(1);
    expect(clicksOf({ ...scene(0), beats: undefined })).toEqual([]);
  });

  it('are short sounds of their own, and recordings are none', () => {
    const samples = new Float32Array(1920);
    const context = { createBuffer: () => ({ getChannelData: () => samples }) } as unknown as AudioContext;
    expect(clickSound(context, 'f'.repeat(64))).toBeNull();
    expect(clickSound(context, 'click-bar')).not.toBeNull();
    expect(Math.max(...samples)).toBeGreaterThan(0.7);
    expect(Math.abs(samples.at(-1)!)).toBeLessThan(0.01);
  });
});
