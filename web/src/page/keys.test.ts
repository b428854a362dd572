import { expect, it } from 'vitest';
import type { KeysControl } from '../api/client';
import { keyAt, rangeOf } from './keys';

const control: KeysControl = {
  kind: 'keys',
  label: 'scale',
  suffix: '%',
  shown: 100,
  least: 0,
  most: 10000,
  keys: [
    { id: 'k0', at: 0, value: 0, easing: 'linear' },
    { id: 'k2', at: 0.5, value: 1.2, easing: 'linear' },
    { id: 'k1', at: 1, value: 1, easing: 'linear' },
  ],
  easings: [{ label: 'steadily', function: 'linear' }],
  samples: [0, 120, 100],
  at: 'x/keys',
};

it('a key stays between its neighbours and within what is possible', () => {
  expect(keyAt(control, 1, 0.7, 130)).toEqual({ at: 0.7, value: 1.3 });
  expect(keyAt(control, 1, 1.4, -20)).toEqual({ at: 0.995, value: 0 });
  expect(keyAt(control, 1, -1, 50)).toEqual({ at: 0.005, value: 0.5 });
});

it('the graph has room above and below all values', () => {
  expect(rangeOf(control)).toEqual({ low: -30, high: 150 });
});
