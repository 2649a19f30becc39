import { describe, expect, it } from 'vitest';
import { cutAtTerms, terms } from '../../src/lib/words/terms.ts';

const found = (sentence: string) =>
  cutAtTerms(sentence).flatMap(({ words, term }) => (term ? [`${words}: ${term.id}`] : []));

describe('terms of the trade', () => {
  it.each([
    ['So far within 0.19 stop and 12 R.', ['stop: stop', 'R: iso-range']],
    [
      'R 99.4 wanted on the paper’s curve, 100.0 by the bare formula.',
      ['R: iso-range', 'paper’s curve: paper-curve', 'bare formula: bare-formula'],
    ],
    ['The lamp’s lag is not written down.', ['lag: lag']],
    ['Burn highlights with 00, shadows with 5.', ['Burn: burn']],
    ['Stopped early. Roll R-118.', []],
    ['', []],
  ])('%s', (sentence, expected) => expect(found(sentence)).toEqual(expected));

  it('are explained once in a sentence, and nothing of it is lost', () => {
    const sentence = 'A stop more, or half a stop less; burn by a stop.';
    const pieces = cutAtTerms(sentence);
    expect(pieces.map(({ words }) => words).join('')).toBe(sentence);
    expect(pieces.filter(({ term }) => term?.id === 'stop')).toHaveLength(1);
  });

  it('have one sentence each, and one name', () => {
    for (const { meaning } of terms) expect(meaning).toMatch(/^[A-Z].*\.$/);
    expect(new Set(terms.map(({ id }) => id)).size).toBe(terms.length);
  });
});
