import { describe, expect, it } from 'vitest';
import { beforeLightsOut, filmFormats } from '../src/index.ts';

describe('before the lights go out', () => {
  it('lists what each format asks for, and ends with a closed tank', () => {
    for (const { id: format } of filmFormats) {
      const { things, steps } = beforeLightsOut([{ format, count: 1 }]);
      expect(things[0]).toContain('lid');
      expect(steps.at(-1)!.id).toBe('close');
      for (const { does, feel, binds } of steps) {
        for (const words of [does, feel, binds]) expect(words.trim().length).toBeGreaterThan(5);
      }
      // Things that are named twice would be laid out twice.
      expect(new Set(things).size).toBe(things.length);
    }
  });

  it('counts reels, and takes two formats one after the other', () => {
    const both = beforeLightsOut([
      { format: 'small-36', count: 2 },
      { format: 'medium', count: 1 },
    ]);
    expect(both.things).toContain('3 reels, bone dry');
    expect(both.steps.map(({ id }) => id)).toEqual([
      ...['open', 'square', 'feed', 'walk', 'end'],
      ...['paper', 'feed', 'walk', 'tape', 'close'],
    ]);
    const sheets = beforeLightsOut([{ format: 'four-by-five', count: 6 }]);
    expect(sheets.things.join()).not.toContain('reel');
    expect(() => beforeLightsOut([])).toThrow(/no film to load/);
  });
});
