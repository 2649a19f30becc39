import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  ROLL_EQUIVALENT_CM2,
  aged,
  bathState,
  filmFormat,
  keepsDays,
  type BathEntry,
  type BathFacts,
} from '../src/index.ts';

const DAY = 86_400_000;
const fixer: BathFacts = {
  ...{ volumeMl: 2000, mixedAtMs: 0 },
  ...{ filmCm2PerLitre: 9 * ROLL_EQUIVALENT_CM2, paperCm2PerLitre: 32_000 },
};
const fixerLimits = { filmCm2PerLitre: 9 * ROLL_EQUIVALENT_CM2 };
const keeping = { fullDays: 180, halfFullDays: 60 };
const film = (areaCm2: number, atMs = 1): BathEntry => ({ kind: 'film', atMs, areaCm2 });
const PRINT_CM2 = 20.32 * 25.4;

describe('the ledger of a bath', () => {
  it('C9: film and paper in one fixer, corrected by an entry', () => {
    const state = bathState(
      fixer,
      [
        film(5 * filmFormat('medium').areaCm2),
        film(8 * filmFormat('four-by-five').areaCm2),
        { kind: 'paper', atMs: 2, areaCm2: 14 * PRINT_CM2 },
        film(-filmFormat('medium').areaCm2, 3),
      ],
      4,
    );
    expect(state.usedByFilm).toBeCloseTo(0.3333, 4);
    expect(state.usedByPaper).toBeCloseTo(0.1129, 4);
    expect(state.used).toBeCloseTo(0.4462, 4);
    expect(state.leftFilmCm2! / ROLL_EQUIVALENT_CM2).toBeCloseTo(9.968, 3);
    expect(state.leftPaperCm2! / PRINT_CM2).toBeCloseTo(68.67, 2);
    expect(state.verdict).toBe('fresh');
  });

  it('warns at four fifths, says spent at the whole, and refuses nothing beyond', () => {
    const at = (share: number) =>
      bathState(fixer, [film(share * 2 * 9 * ROLL_EQUIVALENT_CM2)], 2).verdict;
    expect([0.79, 0.8, 0.99, 1, 3].map(at)).toEqual([
      'fresh',
      'ageing',
      'ageing',
      'spent',
      'spent',
    ]);
    expect(bathState({ volumeMl: 1000, mixedAtMs: 0 }, [], 5).verdict).toBe('unknown');
    expect(() => bathState({ ...fixer, volumeMl: 0 }, [], 5)).toThrow(/more than 0 ml/);
  });

  it('topped up it is good for more, replenished it forgets what was poured off, taken out it takes its share along', () => {
    const half = film(9 * ROLL_EQUIVALENT_CM2);
    const used = (...more: BathEntry[]) => bathState(fixer, [half, ...more], 9).used!;
    expect(used()).toBeCloseTo(0.5, 9);
    expect(used({ kind: 'topped-up', atMs: 2, volumeMl: 2000 })).toBeCloseTo(0.25, 9);
    expect(used({ kind: 'replenished', atMs: 2, volumeMl: 500 })).toBeCloseTo(0.375, 9);
    expect(used({ kind: 'taken-out', atMs: 2, volumeMl: 1000 })).toBeCloseTo(0.5, 9);
    const taken = bathState(fixer, [half, { kind: 'taken-out', atMs: 2, volumeMl: 1000 }], 9);
    expect(taken.volumeMl).toBe(1000);
    expect(taken.leftFilmCm2! / ROLL_EQUIVALENT_CM2).toBeCloseTo(4.5, 9);
  });

  it('the newest of each test counts, and discarded is discarded', () => {
    const tested = (atMs: number, passed: boolean): BathEntry => ({
      ...{ kind: 'tested', test: 'drop', atMs, passed },
    });
    expect(bathState(fixer, [tested(1, false)], 5)).toMatchObject({
      verdict: 'spent',
      failed: ['drop'],
    });
    expect(bathState(fixer, [tested(1, false), tested(2, true)], 5).verdict).toBe('fresh');
    expect(bathState(fixer, [{ kind: 'discarded', atMs: 3 }], 5).verdict).toBe('discarded');
  });

  it('C10: keeping times of a bottle that is emptied', () => {
    const halved = aged(keeping, [
      { days: 45, fullness: 1 },
      { days: 0, fullness: 0.5 },
    ]);
    expect(halved.share).toBeCloseTo(0.25, 9);
    expect(halved.daysLeft).toBeCloseTo(45, 9);
    expect(keepsDays(keeping, 0.75)).toBeCloseTo(103.9, 1);
    expect(keepsDays(keeping, 0.25)).toBeCloseTo(20, 9);
    expect(() => keepsDays(keeping, 1.2)).toThrow(/between empty and full/);
    const bottle = { volumeMl: 1000, mixedAtMs: 0, keeping };
    const state = bathState(
      bottle,
      [{ kind: 'taken-out', atMs: 45 * DAY, volumeMl: 500 }],
      60 * DAY,
    );
    expect(state.age).toBeCloseTo(0.25 + 15 / 60, 9);
    expect(state.keepsUntilMs! / DAY).toBeCloseTo(90, 6);
    expect(bathState({ ...bottle, trayHours: 12 }, [], DAY / 4).age).toBeCloseTo(0.5, 9);
  });

  it('the order of writing says nothing, and areas are what was entered', () => {
    const entry = fc.oneof(
      fc.record({
        kind: fc.constantFrom('film' as const, 'paper' as const),
        atMs: fc.integer({ min: 1, max: 1000 }),
        areaCm2: fc.integer({ min: -500, max: 3000 }),
      }),
      fc.record({
        kind: fc.constant('topped-up' as const),
        atMs: fc.integer({ min: 1, max: 1000 }),
        volumeMl: fc.integer({ min: 1, max: 500 }),
      }),
    );
    fc.assert(
      fc.property(fc.array(entry, { maxLength: 30 }), (entries) => {
        const state = bathState(fixer, entries, 2000);
        const back = bathState(fixer, [...entries].reverse(), 2000);
        expect(back.used).toBeCloseTo(state.used!, 9);
        const sum = (kind: string) =>
          entries.reduce(
            (all, one) => all + ('areaCm2' in one && one.kind === kind ? one.areaCm2 : 0),
            0,
          );
        expect(state.filmCm2).toBeCloseTo(sum('film'), 6);
        expect(state.paperCm2).toBeCloseTo(sum('paper'), 6);
      }),
      { seed: 3, numRuns: 200 },
    );
  });
});

describe('an empty bath', () => {
  const bottle: BathFacts = {
    ...{ volumeMl: 1000, mixedAtMs: 0 },
    keeping: { fullDays: 10, halfFullDays: 5 },
  };
  const out = (volumeMl: number, atMs: number): BathEntry => ({
    ...{ kind: 'taken-out', volumeMl, atMs },
  });

  it('is called empty, ages nothing, and has no room', () => {
    for (const volumeMl of [1000, 1500]) {
      const state = bathState({ ...bottle, ...fixerLimits }, [out(volumeMl, 1000)], 3 * DAY);
      expect(state).toMatchObject({ verdict: 'empty', volumeMl: 0, leftFilmCm2: 0 });
      expect(state.age).toBeUndefined();
      expect(state.keepsUntilMs).toBeUndefined();
    }
  });

  it('what is put into it afterwards is fresh, in age and in what went through', () => {
    const again = bathState(
      { ...bottle, ...fixerLimits },
      [
        film(4000),
        out(1000, 9 * DAY),
        { kind: 'topped-up', atMs: 12 * DAY, volumeMl: 1000 },
        film(ROLL_EQUIVALENT_CM2, 13 * DAY),
      ],
      14 * DAY,
    );
    expect(again.verdict).toBe('fresh');
    expect(again.age).toBeCloseTo(0.2, 9);
    expect(again.used).toBeCloseTo(1 / 9, 9);
    expect(again.keepsUntilMs! / DAY).toBeCloseTo(22, 6);
  });

  it('a keeping time that was over stays over when it was, however little is left in the bottle now', () => {
    const state = bathState(bottle, [out(999, 20 * DAY)], 40 * DAY);
    expect(state.keepsUntilMs! / DAY).toBeCloseTo(10, 9);
  });

  it('no ledger is refused', () => {
    const ml = fc.oneof(
      fc.constantFrom(0.01, 500, 1000, 100_000),
      fc.double({ min: 0.01, max: 2000, noNaN: true }),
    );
    const atMs = fc.integer({ min: 0, max: 8_640_000_000_000 });
    const areaCm2 = fc.constantFrom(-1_000_000, -516, 0, 516, 1_000_000);
    const volumes = ['topped-up', 'replenished', 'taken-out', 'handed-in'] as const;
    const entry: fc.Arbitrary<BathEntry> = fc.oneof(
      fc.record({ kind: fc.constantFrom('film' as const, 'paper' as const), atMs, areaCm2 }),
      fc.record({ kind: fc.constantFrom(...volumes), atMs, volumeMl: ml }),
    );
    const days = fc.constantFrom(1e-9, 0.5, 10_000);
    const facts = fc.record(
      {
        ...{ volumeMl: ml, mixedAtMs: atMs, bottleMl: ml, trayHours: days },
        keeping: fc.record({ fullDays: days, halfFullDays: days }),
        filmCm2PerLitre: fc.constantFrom(1e-9, 4644, 1_000_000),
      },
      { requiredKeys: ['volumeMl', 'mixedAtMs'] },
    );
    fc.assert(
      fc.property(facts, fc.array(entry, { maxLength: 8 }), atMs, (bath, entries, nowMs) => {
        const { verdict, volumeMl, keepsUntilMs = 0 } = bathState(bath, entries, nowMs);
        expect(verdict === 'empty').toBe(volumeMl === 0);
        expect(Math.abs(keepsUntilMs)).toBeLessThan(8.64e15);
      }),
      { numRuns: 20_000 },
    );
  });
});
