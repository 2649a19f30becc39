import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  calibrateSet,
  contrastSet,
  contrastSets,
  curveForRange,
  defaultPaper,
  dialFor,
  isoRange,
  readSpots,
  settingOf,
  toneRange,
} from '../src/index.ts';

const filters = contrastSet('filters');

describe('readings instead of a strip', () => {
  const tones = { light: 0.1, dark: 1.72 };
  /** Two spots as far apart as a setting's own tones. */
  const spotsOf = (settingId: string) => {
    const curve = curveForRange(defaultPaper, settingOf(filters, settingId).range);
    const apart = toneRange(curve, tones.light, tones.dark) / 100;
    return {
      highlight: { logLight: -1.5, netDensity: tones.light },
      shadow: { logLight: -1.5 + apart, netDensity: tones.dark },
    };
  };

  it('the range of a setting asks for that setting, and both places are met', () => {
    for (const { id, range } of filters.settings) {
      const answer = readSpots(defaultPaper, filters, { ...spotsOf(id), others: [] });
      expect(answer.setting.id).toBe(id);
      expect(answer.range).toBeCloseTo(range, 4);
      expect(answer.spots[0]!.missStops).toBeCloseTo(0, 6);
      expect(answer.spots[1]!.missStops).toBeCloseTo(0, 4);
      expect(answer.spots[1]!.netDensity).toBeCloseTo(tones.dark, 4);
    }
  });

  it('swapped readings are asked about, not answered', () => {
    const { highlight, shadow } = spotsOf('2');
    const swapped = {
      highlight: { ...highlight, logLight: shadow.logLight },
      shadow: { ...shadow, logLight: highlight.logLight },
      others: [],
    };
    expect(() => readSpots(defaultPaper, filters, swapped)).toThrow(
      'Are the two readings swapped?',
    );
  });

  it('a print that was right gives the time back, and half the light doubles it', () => {
    const { highlight, shadow } = spotsOf('2');
    const known = { ...highlight, seconds: 12.6, settingId: '2' };
    const answer = readSpots(defaultPaper, filters, { highlight, shadow, others: [], known });
    expect(answer.seconds).toBeCloseTo(12.6, 6);
    const dim = (spot: typeof highlight) => ({ ...spot, logLight: spot.logLight - Math.log10(2) });
    const dimmer = { highlight: dim(highlight), shadow: dim(shadow), others: [], known };
    expect(readSpots(defaultPaper, filters, dimmer).seconds).toBeCloseTo(25.2, 6);
  });

  it('a third place that lacks a stop of light is burned by a stop', () => {
    const { highlight, shadow } = spotsOf('3');
    const same = { ...highlight, logLight: highlight.logLight - Math.log10(2) };
    const { spots } = readSpots(defaultPaper, filters, { highlight, shadow, others: [same] });
    expect(spots[2]!.missStops).toBeCloseTo(1, 6);
    expect(spots[2]!.netDensity).toBeLessThan(0.1);
  });

  it('a negative that no contrast holds is said so', () => {
    const flat = {
      highlight: { logLight: 0, netDensity: 0.1 },
      shadow: { logLight: 0.1, netDensity: 1.72 },
      others: [],
    };
    expect(readSpots(defaultPaper, filters, flat).beyond).toBe('too-hard');
  });
});

it('a tone blacker than the paper is refused', () => {
  const answer = () =>
    readSpots(defaultPaper, filters, {
      highlight: { logLight: -1.5, netDensity: 0.1 },
      shadow: { logLight: -0.7, netDensity: 1.72 },
      others: [{ logLight: -1, netDensity: 2.5 }],
    });
  expect(answer).toThrow('The paper shows densities up to 2.09 above its white.');
});

describe('dials and lamps', () => {
  it('stand on their calibration points, and anywhere between', () => {
    const dials = contrastSet('dials');
    for (const { range, dial } of dials.settings) expect(dialFor(dials, range)!.value).toBe(dial);
    expect(dialFor(dials, 105)!.name).toBe('15 magenta');
    expect(dialFor(dials, 136.5)!.name).toBe('75 yellow');
    expect(dialFor(contrastSet('lamps'), 88.5)!.name).toBe('43 % hard');
  });

  it('go no further than their travel, and a set of filters has no places between', () => {
    expect(dialFor(contrastSet('dials'), 300)!.name).toBe('150 yellow');
    expect(dialFor(contrastSet('dials'), 20)!.name).toBe('150 magenta');
    expect(dialFor(filters, 100)).toBeUndefined();
  });

  it('harder settings come later in every set', () => {
    for (const { settings } of contrastSets) {
      const ranges: number[] = settings.map(({ range }) => range);
      expect(ranges).toEqual([...ranges].sort((a, b) => b - a));
    }
  });
});

describe('a set calibrated on a paper', () => {
  it('keeps what was measured, and the middle lies between', () => {
    const set = calibrateSet(filters, [
      { id: '1', range: 126, speedStops: 0 },
      { id: '3', range: 80, speedStops: -0.2 },
    ]);
    expect(set.calibrated).toBe(true);
    expect(settingOf(set, '1').range).toBe(126);
    expect(settingOf(set, '3').speedStops).toBeCloseTo(-0.2, 9);
    expect(settingOf(set, '2').range).toBeCloseTo(110 - 7, 9);
    expect(settingOf(set, '5').range).toBeCloseTo(52 - 10, 9);
  });

  it('is as sure as its least sure setting, where a test told of all of them', () => {
    const tested = { speedStops: 0, rangeWithin: 2.2, speedWithin: 0.02 };
    const sure = { ...tested, rangeWithin: 1, speedWithin: 0.03 };
    const both = [
      { id: '1', range: 126, ...sure },
      { id: '2', range: 110, ...tested },
    ];
    expect(calibrateSet(filters, both).within).toEqual({ rangeShare: 0.02, speedStops: 0.03 });
    const [first] = both;
    expect(
      calibrateSet(filters, [first!, { id: '3', range: 87, speedStops: 0 }]).within,
    ).toBeUndefined();
  });

  it('one point alone shifts all of it and calibrates nothing', () => {
    fc.assert(
      fc.property(fc.double({ min: -8, max: 8, noNaN: true }), (shift) => {
        const set = calibrateSet(filters, [{ id: '2', range: 110 + shift, speedStops: 0 }]);
        expect(set.calibrated).toBe(false);
        set.settings.forEach(({ range }, i) =>
          expect(range).toBeCloseTo(filters.settings[i]!.range + shift, 9),
        );
      }),
    );
  });

  it('the paper’s own curve has the range of its setting', () => {
    expect(isoRange(curveForRange(defaultPaper, 91))).toBeCloseTo(91, 4);
  });
});
