import { describe, expect, it } from 'vitest';
import { developerByFactor, toneFactors } from '../src/index.ts';

describe('developer by factor', () => {
  it('a tired developer takes longer by as much as its first tone', () => {
    for (const factor of toneFactors) {
      expect(developerByFactor(18, factor) / developerByFactor(12, factor)).toBeCloseTo(1.5);
    }
    expect(() => developerByFactor(0, 5)).toThrow(/some seconds/);
  });
});
