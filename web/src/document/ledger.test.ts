import { expect, it } from 'vitest';
import { rangeText } from './ledger';

it('mixed values are a range', () => {
  expect(rangeText([12, 8, 14])).toBe('8–14');
  expect(rangeText([8, 8])).toBe('8');
});
