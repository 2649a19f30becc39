import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { convertSetup, usualLoss, type LightSetup } from '../src/index.ts';

const bench: LightSetup = {
  head: '41 cm',
  paper: 'Marrow fibre',
  negativeLength: 60,
  printLength: 190,
  aperture: 8,
  paperSpeed: 250,
};

describe('a set-up that was changed', () => {
  it('another size goes by the lens law: 13.5 s become 47.7 s', () => {
    const { factor, whole } = convertSetup(bench, { ...bench, head: '70 cm', printLength: 410 });
    expect(13.5 * factor).toBeCloseTo(47.7, 1);
    expect(whole).toBe(true);
  });

  it('two stops down take four times as long', () => {
    expect(convertSetup(bench, { ...bench, aperture: 16 }).factor).toBeCloseTo(4, 9);
  });

  it('a long time loses more in less light: 120 s from f/8 to f/11 are 271.8, not 240', () => {
    const there = { ...bench, aperture: 11 };
    const { factor, changes, doubtStops } = convertSetup(bench, there, {
      seconds: 120,
      loss: usualLoss,
    });
    expect(120 * factor).toBeCloseTo(271.8, 1);
    expect(changes.map(({ part }) => part)).toEqual(['aperture', 'long-time']);
    expect(doubtStops).toBeGreaterThan(convertSetup(bench, there).doubtStops);
    // What is short there and here loses nothing, and what did not change is carried nowhere.
    const short = { seconds: 10, loss: usualLoss };
    expect(convertSetup(bench, there, short).factor).toBeCloseTo(2, 9);
    expect(convertSetup(bench, bench, { seconds: 120, loss: usualLoss }).factor).toBe(1);
  });

  it('numbers out of reach say nothing, and refuse nothing', () => {
    const far = { ...bench, negativeLength: 1e-9, printLength: 1e9, aperture: 1e-9 };
    for (const seconds of [0, 10, 1e9]) {
      const { whole } = convertSetup(bench, far, { seconds, loss: usualLoss });
      expect(whole).toBe(false);
    }
    const nothing = convertSetup(
      bench,
      { ...bench, aperture: 11 },
      { seconds: 0, loss: usualLoss },
    );
    expect(nothing.changes).toEqual([
      { part: 'aperture', factor: expect.closeTo(2, 9) },
      { part: 'long-time' },
    ]);
  });

  it('what is written down for the first time has not moved', () => {
    const blank = { head: '', paper: '' };
    expect(convertSetup(blank, { head: '41', paper: 'Marrow fibre' })).toMatchObject({
      changes: [],
      whole: true,
      factor: 1,
    });
  });

  it('a head that moved without a length says nothing', () => {
    const { whole, changes } = convertSetup(bench, { ...bench, head: '50 cm' });
    expect(whole).toBe(false);
    expect(changes).toEqual([{ part: 'size' }]);
  });

  it('another paper goes by its speed, or not at all', () => {
    const wharf = { ...bench, paper: 'Wharf pearl', paperSpeed: 400 };
    expect(convertSetup(bench, wharf).factor).toBeCloseTo(250 / 400, 9);
    expect(convertSetup(bench, { ...bench, paper: 'Wharf pearl', paperSpeed: 0 }).whole).toBe(
      false,
    );
  });

  it('another enlarger, lens or developer is converted by no law; one that is named only now was there before', () => {
    const named = { ...bench, enlarger: 'tall', lens: '80', developer: 'one' };
    for (const change of [{ enlarger: 'small' }, { lens: '50' }, { developer: 'other' }]) {
      expect(convertSetup(named, { ...named, ...change }).whole).toBe(false);
      expect(convertSetup(bench, { ...bench, ...change }).changes).toEqual([]);
    }
  });

  it('nothing changed: nothing converted, nothing doubted', () => {
    expect(convertSetup(bench, { ...bench, head: ' 41 CM' })).toEqual({
      factor: 1,
      doubtStops: 0,
      changes: [],
      whole: true,
    });
  });

  it('there and back is where it was', () => {
    const positive = fc.double({ min: 1, max: 500, noNaN: true });
    const setup = fc
      .record({ aperture: positive, printLength: positive, distance: positive })
      .map((change): LightSetup => ({ ...bench, ...change }));
    fc.assert(
      fc.property(setup, setup, (a, b) => {
        expect(convertSetup(a, b).factor * convertSetup(b, a).factor).toBeCloseTo(1, 6);
      }),
    );
  });
});
