import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  batchFrom,
  bestVessel,
  bottleFollows,
  bottleInBowl,
  fluidOunces,
  fromFluidOunces,
  fromStock,
  iceFor,
  leftAfter,
  fillAndDump,
  runningWash,
  measuredMix,
  mixFor,
  reuseByArea,
  reuseFactor,
  secondsInBath,
  temperMix,
  twoStage,
  waterTemperature,
  waterToDilute,
} from '../src/index.ts';

const graduate = { name: 'graduate', holdsMl: 100, divisionMl: 2 };
const syringe = { name: 'syringe', holdsMl: 20, divisionMl: 0.5 };

describe('a mix', () => {
  it('C1: 655 ml of 1+39 by a graduate in 2 ml, and by a syringe in half ml', () => {
    const by = (vessel: typeof graduate) => measuredMix(655, [1, 39], [vessel]);
    const coarse = by(graduate);
    expect(coarse.parts[0]!.exactMl).toBeCloseTo(16.38, 2);
    expect(coarse.parts[1]!.exactMl).toBeCloseTo(638.6, 1);
    expect(coarse.parts[0]!.pouredMl).toBe(16);
    expect(100 * coarse.parts[0]!.by!.rounding).toBeCloseTo(-2.29, 3);
    expect(100 * coarse.parts[0]!.by!.reading).toBeCloseTo(6.107, 3);
    expect(coarse.parts[0]!.by!.tooSmall).toBe(true);
    // From 20 ml of concentrate on the graduate will do; a syringe in 1.6 ml would as well.
    expect(coarse.largerBatchMl).toBeCloseTo(800, 6);
    expect(coarse.syringeDivisionMl).toBeCloseTo(1.6375, 4);
    const fine = by(syringe);
    expect(fine.parts[0]!.pouredMl).toBe(16.5);
    expect(100 * fine.parts[0]!.by!.rounding).toBeCloseTo(0.7634, 4);
    expect(100 * fine.parts[0]!.by!.reading).toBeCloseTo(1.527, 3);
    expect(fine.parts[0]!.by!.tooSmall).toBe(false);
    expect(fine.parts[1]!.pouredMl).toBe(638.5);
    expect(fine.largerBatchMl).toBeUndefined();
    expect(bestVessel(16.375, [graduate, syringe])!.vessel.name).toBe('syringe');
    // What does not fit is measured in several goes, and each errs.
    expect(bestVessel(70, [syringe])).toMatchObject({ fills: 4, reading: (4 * 0.25) / 70 });
    expect(bestVessel(1000, [syringe])).toBeUndefined();
  });

  it('C2: three parts, and the batch that a rest gives', () => {
    const [first, second, water] = mixFor(930, [2, 3, 70]).partsMl;
    expect(first).toBeCloseTo(24.8, 9);
    expect(second).toBeCloseTo(37.2, 9);
    expect(water).toBeCloseTo(868, 9);
    expect(batchFrom(46, [1, 19])).toBe(920);
    expect(() => batchFrom(46, [1, 19], 2)).toThrow();
  });

  it('C3: per cent from a stock, and diluting further', () => {
    expect(fromStock(400, 2.5, 28).stockMl).toBeCloseTo(35.71, 2);
    expect(fromStock(400, 2.5, 28).waterMl).toBeCloseTo(364.3, 1);
    expect(waterToDilute(350, 9, 14)).toBeCloseTo(175, 9);
    expect(() => fromStock(400, 30, 28)).toThrow(/only be made weaker/);
    expect(() => waterToDilute(350, 14, 9)).toThrow(/only makes it weaker/);
    expect(() => fromStock(0, 2, 28)).toThrow(/Give the volume/);
  });

  it('C4: two stages, what they err by and what they waste', () => {
    const two = twoStage(500, 249, 10, 1);
    expect(100 * two.directError).toBeCloseTo(25, 9);
    expect([two.concentrateMl, two.firstWaterMl, two.takenMl, two.secondWaterMl]).toEqual([
      20, 180, 20, 480,
    ]);
    expect(two.doseMl).toBeCloseTo(2, 9);
    expect(100 * two.worstError).toBeCloseTo(5.062, 3);
    expect(100 * two.usualError).toBeCloseTo(3.536, 3);
    expect(two.wastedMl).toBeCloseTo(18, 9);
    expect(() => twoStage(500, 249, 300, 1)).toThrow(/first stage is weaker/);
  });

  it('C14: US fluid ounces', () => {
    const [concentrate, water] = mixFor(fromFluidOunces(16), [1, 31]).partsMl;
    expect(fluidOunces(concentrate!)).toBeCloseTo(0.5, 9);
    expect(concentrate).toBeCloseTo(14.79, 2);
    expect(water).toBeCloseTo(458.4, 1);
  });

  it('whatever is mixed in whatever is there, the volumes sum to the total', () => {
    const part = fc.integer({ min: 1, max: 200 });
    const vessel = fc.record({
      name: fc.constant('a vessel'),
      holdsMl: fc.integer({ min: 5, max: 2000 }),
      divisionMl: fc.constantFrom(0.05, 0.1, 0.5, 1, 2, 5, 10, 20),
    });
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 20_000, noNaN: true }),
        fc.array(part, { minLength: 2, maxLength: 4 }),
        fc.array(vessel, { maxLength: 4 }),
        (volumeMl, dilution, vessels) => {
          const { parts } = measuredMix(volumeMl, dilution, vessels);
          const others = parts.slice(0, -1).reduce((sum, { pouredMl }) => sum + pouredMl, 0);
          const sum = parts.reduce((total, { pouredMl }) => total + pouredMl, 0);
          // Only where coarse vessels round the rest up beyond the whole is there no water left.
          expect(sum).toBeCloseTo(Math.max(volumeMl, others), 6);
          expect(parts.reduce((total, { exactMl }) => total + exactMl, 0)).toBeCloseTo(volumeMl, 6);
        },
      ),
      { seed: 11, numRuns: 300 },
    );
  });
});

describe('warm and cold', () => {
  const taps = { volumeMl: 1500, targetC: 20, coldC: 13, hotC: 47 };

  it('C5: two taps and a concentrate with a temperature of its own', () => {
    const mix = temperMix({ ...taps, concentrateMl: 100, concentrateC: 26.5 });
    expect(mix.waterC).toBeCloseTo(19.54, 2);
    expect(mix.hotMl).toBeCloseTo(269.1, 1);
    expect(mix.coldMl).toBeCloseTo(1131, 0);
    expect(mix.hotMl + mix.coldMl).toBeCloseTo(1400, 9);
    expect(mix.scalds).toBe(false);
    expect(temperMix({ ...taps, hotC: 58 }).scalds).toBe(true);
    expect(() => temperMix({ ...taps, targetC: 10 })).toThrow(/taps run from 13\.0 to 47\.0/);
  });

  it('B4: water that would have to be at −30 °C is refused, with the number', () => {
    expect(() => waterTemperature(600, 500, 30, 20)).toThrow(/-30\.0 °C/);
    expect(() =>
      temperMix({ ...taps, volumeMl: 600, concentrateMl: 500, concentrateC: 30 }),
    ).toThrow(/-30\.0 °C/);
    expect(() => secondsInBath(18, 20, 20, 600)).toThrow(/never brings it there/);
  });

  it('C6: ice in a closed bag', () => {
    const ice = iceFor(800, 24.6, 20);
    expect(ice.grams).toBeCloseTo(36.91, 2);
    expect(100 * ice.dilutes).toBeCloseTo(4.614, 3);
    expect(() => iceFor(800, 18, 20)).toThrow(/Ice cools/);
  });

  it('C7: a bottle in a held bath, learned from two readings and timed back', () => {
    const follows = bottleFollows(15.5, 18.4, 300, 30);
    expect(Math.round(follows)).toBe(1344);
    const seconds = secondsInBath(15.5, 20, 30, follows);
    expect(seconds).toBeCloseTo(499.5, 1);
    expect(seconds - 300).toBeCloseTo(199.5, 1);
    // Ready at 19:00:00 when it goes in 499.5 s before.
    const atMs = Date.parse('2026-01-10T19:00:00Z') - 1000 * seconds;
    expect(new Date(Math.round(atMs / 1000) * 1000).toISOString()).toMatch(/T18:51:4[01]\.000Z$/);
    expect(() => bottleFollows(15.5, 15.5, 300, 30)).toThrow(/second reading/);
    expect(() => bottleFollows(15.5, 31, 300, 30)).toThrow(/second reading/);
  });

  it('C8: the same bottle in a bowl that cools', () => {
    const followsSeconds = bottleFollows(15.5, 18.4, 300, 30);
    const bowl = bottleInBowl(
      { volumeMl: 1000, nowC: 15.5, followsSeconds },
      { volumeMl: 3500, nowC: 30 },
      20,
    );
    expect(bowl.endsC).toBeCloseTo(26.78, 2);
    expect(Math.round(bowl.followsSeconds)).toBe(1046);
    expect(bowl.seconds).toBeCloseTo(532.4, 1);
    expect(bowl.laterSeconds).toBeCloseTo(32.9, 2);
    expect(() =>
      bottleInBowl({ volumeMl: 1000, nowC: 15.5, followsSeconds }, { volumeMl: 500, nowC: 25 }, 20),
    ).toThrow(/never brings it there/);
  });
});

describe('washing and reuse', () => {
  it('C11: three changes of 450 ml leave 146 millionths', () => {
    expect(leftAfter(25, 450, 3) * 1e6).toBeCloseTo(145.8, 1);
    expect(fillAndDump(25, 450, 0.001)).toMatchObject({ changes: 3, standsLonger: 1 });
    expect(fillAndDump(25, 450, 0.001, 12).standsLonger).toBe(2);
    expect(runningWash('film')).toMatchObject({ leastMinutes: 10, mostMinutes: 30, cold: false });
    expect(runningWash('fibre', 12)).toMatchObject({
      ...{ aidMinutes: 10, leastMinutes: 60, mostMinutes: 120, cold: true },
    });
    expect(() => runningWash('film', 0)).toThrow(/temperature of the water/);
    expect(() => fillAndDump(25, 450, 1)).toThrow(/as a share/);
    expect(() => fillAndDump(450, 1, 1e-9)).toThrow(/never washes it out/);
    expect(() => leftAfter(25, 0, 3)).toThrow(/more than 0 ml/);
  });

  it('C13: reuse by area and volume, sheets as quarters', () => {
    const reuse = reuseByArea(10, 4, 2 + 7 / 4, 600);
    expect(reuse).toMatchObject({ rollEquivalents: 3.75, perLitre: 6.25 });
    expect(reuse.stepped).toBeCloseTo(1.1, 9);
    expect(reuse.smooth).toBeCloseTo(1.161, 3);
    // The recipe's own rule by the litre gives the same, in steps.
    const rule = { kind: 'by-area', rollsPerLitre: 4, percent: 10 } as const;
    expect(reuseFactor(rule, 2 + 7 / 4, 600)).toBeCloseTo(1.1, 10);
    expect(reuseFactor(rule, 2 + 7 / 4, 2000)).toBe(1);
    expect(reuseFactor(rule, 0)).toBe(1);
    expect(() => reuseFactor(rule, 1)).toThrow(/how much of it there is/);
    expect(() => reuseByArea(10, 4, 100, 600)).toThrow(/developer is dead/);
    expect(() => reuseByArea(10, 0, 1, 600)).toThrow(/more than 0/);
  });
});
