import { expect, it } from 'vitest';
import { sentencesWith } from './finding';

const said = (text: string) => ({ name: 'n', phase: 'arrive', path: 'p', text });

it('finds words whatever their case', () => {
  expect(
    sentencesWith([said('words rise 0.6 em, Landing softly.'), said('fade in')], 'landing SOFTLY'),
  ).toHaveLength(1);
  expect(sentencesWith([said('x')], '  ')).toEqual([]);
});
