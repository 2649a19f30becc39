import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  enoughDeveloper,
  learnTimeConstant,
  rollEquivalents,
  tankFill,
  temperatureAfter,
  type Tank,
} from '../src/index.ts';

const tank: Tank = {
  name: 'Two-reel',
  motion: 'by-hand',
  reels: [
    { format: 'small-36', mlEach: 300, most: 2 },
    { format: 'medium', mlEach: 500, most: 1 },
  ],
  holdsMl: 650,
  drainSeconds: 12,
};

describe('a tank and its films', () => {
  it('asks for the volume that covers the reels', () => {
    expect(tankFill(tank, [{ format: 'small-36', count: 2 }])).toEqual({
      needsMl: 600,
      tooMany: [],
      overflows: false,
    });
  });

  it('says what does not fit, alone or together', () => {
    expect(tankFill(tank, [{ format: 'small-36', count: 3 }])).toMatchObject({
      tooMany: ['small-36'],
      overflows: true,
    });
    expect(tankFill(tank, [{ format: 'eight-by-ten', count: 1 }]).tooMany).toEqual([
      'eight-by-ten',
    ]);
    const both = [
      { format: 'small-36', count: 1 },
      { format: 'medium', count: 1 },
    ] as const;
    expect(tankFill(tank, both).tooMany).toEqual(['small-36', 'medium']);
    expect(tankFill(tank, [{ format: 'medium', count: 0 }]).tooMany).toEqual([]);
  });

  it.each([
    ['small-36', 1],
    ['medium', 1],
    ['four-by-five', 4],
    ['eight-by-ten', 1],
  ] as const)('one roll equivalent: %s, %i of them', (format, count) => {
    expect(rollEquivalents([{ format, count }])).toBeCloseTo(1, 2);
  });
});

describe('enough developer', () => {
  const thin = { dilution: [1, 100], minimumMl: 5, rollEquivalents: 2 };

  it('says when there is too little concentrate, and what would do', () => {
    const check = enoughDeveloper({ ...thin, volumeMl: 600 });
    expect(check.enough).toBe(false);
    expect(check.hasMl).toBeCloseTo(5.94, 2);
    expect(check.needsMl).toBe(10);
    expect(check.safeVolumeMl).toBe(1010);
    expect(Math.floor(check.safeRolls)).toBe(1);
  });

  it('its own remedy is enough', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 200, noNaN: true }),
        fc.double({ min: 1, max: 50, noNaN: true }),
        fc.integer({ min: 1, max: 8 }),
        (water, minimumMl, films) => {
          const load = { dilution: [1, water], minimumMl, rollEquivalents: films };
          const { safeVolumeMl } = enoughDeveloper({ ...load, volumeMl: 300 });
          expect(enoughDeveloper({ ...load, volumeMl: safeVolumeMl }).enough).toBe(true);
          expect(enoughDeveloper({ ...load, volumeMl: safeVolumeMl * 0.99 }).enough).toBe(false);
        },
      ),
    );
  });

  it('wants a volume', () => {
    expect(() => enoughDeveloper({ ...thin, volumeMl: 0 })).toThrow(/volume/);
  });
});

describe('a tank learns how fast it follows the room', () => {
  const read = (startC: number, ambientC: number, timeConstantSeconds: number, ats: number[]) =>
    ats.map((seconds) => ({
      seconds,
      temperatureC: temperatureAfter(startC, { ambientC, timeConstantSeconds }, seconds),
    }));

  it('from exact readings exactly', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 30, noNaN: true }),
        fc.double({ min: 300, max: 7200, noNaN: true }),
        (ambientC, seconds) => {
          fc.pre(Math.abs(ambientC - 20) > 1.5);
          const runs = [{ ambientC, readings: read(20, ambientC, seconds, [0, 200, 500]) }];
          expect(learnTimeConstant(runs)!.seconds / seconds).toBeCloseTo(1, 6);
        },
      ),
    );
  });

  it('from a thermometer that reads tenths to within a few minutes, and the more runs the better told', () => {
    const runs = [14, 15, 28].map((ambientC) => ({
      ambientC,
      readings: read(20, ambientC, 1800, [0, 240, 480, 600]).map(({ seconds, temperatureC }) => ({
        seconds,
        temperatureC: Math.round(temperatureC * 10) / 10,
      })),
    }));
    const learned = learnTimeConstant(runs)!;
    expect(learned).toMatchObject({ readings: 9, runs: 3 });
    expect(Math.abs(learned.seconds - 1800)).toBeLessThan(150);
  });

  it('learns nothing from a room as warm as the tank, from one reading, or from the wrong side of the room', () => {
    expect(learnTimeConstant([])).toBeUndefined();
    expect(
      learnTimeConstant([{ ambientC: 20.5, readings: read(20, 20.5, 1800, [0, 600]) }]),
    ).toBeUndefined();
    expect(
      learnTimeConstant([{ ambientC: 16, readings: [{ seconds: 0, temperatureC: 20 }] }]),
    ).toBeUndefined();
    const odd = [
      { seconds: 0, temperatureC: 20 },
      { seconds: 300, temperatureC: 15 },
    ];
    expect(learnTimeConstant([{ ambientC: 16, readings: odd }])).toBeUndefined();
  });
});
