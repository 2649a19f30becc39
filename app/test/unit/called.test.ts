import { describe, expect, it } from 'vitest';
import {
  called,
  formerNames,
  formerWords,
  namesOf,
  sameThing,
} from '../../src/lib/words/called.ts';

const papers = [
  { name: 'Tarn fibre', formerNames: ['Tarn', 'Moor fibre'] },
  { name: 'Moor gloss' },
  { name: 'tarn' },
];

describe('what a thing is and was called', () => {
  it('finds it, whoever bears the name now before whoever bore it once', () => {
    expect(called(papers, ' moor FIBRE')).toBe(papers[0]);
    expect(called(papers, 'Tarn')).toBe(papers[2]);
    expect(called(papers, 'Kiln')).toBeUndefined();
  });

  it('tells whether two names are of one thing, known or not', () => {
    expect(sameThing(papers, 'Moor fibre', 'Tarn fibre')).toBe(true);
    expect(sameThing(papers, 'Moor gloss', 'Tarn fibre')).toBe(false);
    expect(sameThing(papers, 'Kiln', 'kiln ')).toBe(true);
    expect(sameThing(papers, 'Kiln', 'Kilm')).toBe(false);
    expect(namesOf(papers, 'moor fibre')).toEqual(['Tarn fibre', 'Tarn', 'Moor fibre']);
    expect(namesOf(papers, 'Kiln')).toEqual(['Kiln']);
  });

  it('grows by a name at each change, and loses the one that is taken again', () => {
    expect(formerNames(undefined, { name: 'A' })).toEqual([]);
    expect(formerNames({ name: 'A' }, { name: 'a ' })).toEqual([]);
    expect(formerNames({ name: 'A', formerNames: ['B'] }, { name: 'C' })).toEqual(['A', 'B']);
    expect(formerNames({ name: 'C', formerNames: ['A', 'B'] }, { name: 'A' })).toEqual(['C', 'B']);
    expect(formerWords(papers[0])).toBe(
      'Called Tarn, Moor fibre before: what was kept under that name counts here.',
    );
    expect(formerWords(papers[1])).toBe('');
  });
});
