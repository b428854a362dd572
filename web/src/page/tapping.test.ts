import { expect, test } from 'vitest';
import { perMinute } from './tapping';

test('four taps tell how many come a minute, and a pause begins anew', () => {
  let taps: number[] = [];
  const told = [0, 620, 1260, 1875, 2500, 9000].map((time) => {
    const heard = perMinute(taps, time);
    taps = heard.taps;
    return heard.perMinute;
  });
  expect(told).toEqual([null, null, null, 96, 96, null]);
  expect(taps).toEqual([9000]);
});
