import { expect, it } from 'vitest';
import { moveAt, replaced, sentencesWith } from './finding';

const said = (text: string) => ({ name: 'n', phase: 'arrive', path: 'p', text });

it('finds words whatever their case, and replaces them as plain text', () => {
  expect(
    sentencesWith([said('words rise 0.6 em, Landing softly.'), said('fade in')], 'landing SOFTLY'),
  ).toHaveLength(1);
  expect(sentencesWith([said('x')], '  ')).toEqual([]);
  expect(replaced('12 frames each, 12 frames each', '12 frames', '8 frames')).toBe(
    '8 frames each, 8 frames each',
  );
  expect(replaced('easing steps(4)', 'steps(4)', '$& spring')).toBe('easing $& spring');
});

it('finds the move of a path', () => {
  const document = { a: { moves: [{ id: 'm1', x: 1 }] } };
  expect(moveAt(document, 'a/moves/m1')).toEqual({ id: 'm1', x: 1 });
  expect(moveAt(document, 'a/moves/m2')).toBeUndefined();
});
