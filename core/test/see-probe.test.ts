import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  certainties,
  contrastSet,
  curveForRange,
  defaultPaper,
  readPrint,
  readSpots,
  toneRange,
  type EarlierPrint,
  type PrintSession,
  type ProbeReadings,
  type SessionStrip,
} from '../src/index.ts';

const set = contrastSet('filters');
const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const tones = { highlightDensity: 0.1, shadowDensity: 1.72 };
/** Separate patches in ⅓ stop from 4 s of light: the fourth is 8 s. */
const strip = (change: Partial<SessionStrip> = {}): SessionStrip => ({
  settingId: '2',
  choices: { kind: 'stops', method: 'separate', firstSeconds: 4, step: 1 / 3, patches: 7 },
  lamp,
  ...change,
});
const session = (readings: ProbeReadings, change: Partial<PrintSession> = {}): PrintSession => ({
  ...{ paper: defaultPaper, set, ...tones, lamp, readings },
  ...{ strips: [strip()], earlier: [], wanted: certainties[1], mostParts: 1 },
  ...change,
});
/** What a probe reads of a negative whose highlight needs `seconds` at filter 2: its constant is 10 s at 0. */
const probe = (seconds: number, range: number): ProbeReadings => ({
  ...{ by: 'light', scale: 'probe' },
  highlightLog: -Math.log10(seconds / 10),
  shadowLog: -Math.log10(seconds / 10) + range / 100,
});
/** At filter 2 the two tones lie this far apart, R. */
const AT_TWO = toneRange(curveForRange(defaultPaper, 110), 0.1, 1.72);
/** A print whose highlight and shadow were both right at the fourth patch, with what the probe read of it. */
const made = (index: number): EarlierPrint => {
  const first = 3 + (index % 4);
  return {
    ...tones,
    lamp,
    strips: [
      strip({
        choices: {
          kind: 'stops',
          method: 'separate',
          firstSeconds: first,
          step: 1 / 3,
          patches: 7,
        },
        ...{ highlight: 3, shadow: 3 },
      }),
    ],
    readings: probe(first * 2, AT_TWO),
  };
};
const ten = Array.from({ length: 10 }, (_, index) => made(index));

describe('readings of a highlight and a shadow', () => {
  it('tell the contrast before any strip, and leave the time to one', () => {
    const reading = readPrint(session(probe(10, AT_TWO)));
    expect(reading.setting.id).toBe('2');
    expect(reading.contrastBy).toBe('readings');
    expect(reading).toMatchObject({ made: null, highlight: null, shadow: null, verdict: 'narrow' });
    expect(reading.withinRange).toBeLessThan(13);
    expect(reading.withinStops).toBeGreaterThan(2);
    expect(reading.next[0]!.patches).toBe(15);
  });

  it.each([
    [10, 93.8],
    [14, 93.8],
    [14, 75],
    [7, 60],
  ])(
    'with a print that was right, a need of %d s over R %d is answered as by its formula',
    (seconds, range) => {
      const right = { logLight: 0, netDensity: 0.1, dialSeconds: 10.2, settingId: '2' };
      const readings = probe(seconds, range);
      const reading = readPrint(session({ ...readings, right }));
      const bare = readSpots(defaultPaper, set, {
        highlight: { logLight: readings.highlightLog, netDensity: 0.1 },
        shadow: { logLight: readings.shadowLog, netDensity: 1.72 },
        others: [],
        known: { logLight: 0, netDensity: 0.1, seconds: 10, settingId: '2' },
      });
      expect(reading.setting.id).toBe(bare.setting.id);
      expect(Math.abs(Math.log2(reading.seconds / bare.seconds!))).toBeLessThan(1 / 24);
      expect(reading.withinStops).toBeLessThan(0.6);
    },
  );

  it('with the prints made before make a print without any strip', () => {
    const reading = readPrint(session(probe(13, AT_TWO), { earlier: ten }));
    expect(reading.setting.id).toBe('2');
    expect(Math.abs(Math.log2(reading.seconds / 13))).toBeLessThan(1 / 24);
    expect(reading).toMatchObject({ verdict: 'make-print', noGain: null, next: [] });
    expect(reading.withinStops).toBeLessThan(0.2);
  });

  it('on another scale say nothing of the time', () => {
    const other = { ...probe(13, AT_TWO), scale: 'densities at 60 cm' };
    expect(readPrint(session(other, { earlier: ten })).withinStops).toBeGreaterThan(2);
    // Prints of both scales: those of now are the ones that count.
    const mixed = [...ten, { ...made(1), readings: { ...other, highlightLog: 3, shadowLog: 4 } }];
    const reading = readPrint(session(probe(13, AT_TWO), { earlier: mixed }));
    expect(Math.abs(Math.log2(reading.seconds / 13))).toBeLessThan(1 / 12);
  });

  it('of another place give way to what is seen on a strip, and are named', () => {
    const seen = strip({ highlight: 3, shadow: 3 });
    const wrong = readPrint(session(probe(32, AT_TWO), { earlier: ten, strips: [seen] }));
    expect(wrong.misread).toBeGreaterThan(0.9);
    expect(Math.abs(Math.log2(wrong.seconds / 8))).toBeLessThan(1 / 8);
    const well = readPrint(session(probe(8, AT_TWO), { earlier: ten, strips: [seen] }));
    expect(well.misread).toBeLessThan(0.01);
    expect(well.withinStops).toBeLessThan(0.15);
  });

  it('of the negative span a contrast less surely than those of its light', () => {
    const light = readPrint(session(probe(10, AT_TWO)));
    const density = readPrint(session({ ...probe(10, AT_TWO), by: 'density' }));
    expect(density.withinRange).toBeGreaterThan(light.withinRange + 1);
  });

  it('refuse a print that got no light, in a sentence', () => {
    const right = { logLight: 0, netDensity: 0.1, dialSeconds: 0, settingId: '2' };
    expect(() => readPrint(session({ ...probe(10, AT_TWO), right }))).toThrow(
      'The print that was right got more than 0 s.',
    );
    expect(() => readPrint({ ...session(probe(10, AT_TWO)), strips: [] })).toThrow(
      'Pick the patch',
    );
  });

  it('whatever they are, end in numbers, and exact looks beside them stand', () => {
    const log = fc.double({ min: -6, max: 6, noNaN: true });
    fc.assert(
      fc.property(log, log, fc.boolean(), (highlightLog, shadowLog, taught) => {
        const readings: ProbeReadings = { by: 'light', scale: 'probe', highlightLog, shadowLog };
        const seen = strip({ highlight: 3, shadow: 3 });
        const reading = readPrint(
          session(readings, { strips: [seen], earlier: taught ? ten : [] }),
        );
        expect(Number.isFinite(reading.withinStops + reading.withinRange)).toBe(true);
        // What somebody saw is answered, whatever was read.
        const off = Math.abs(Math.log2(reading.seconds / 8));
        expect(off).toBeLessThanOrEqual(Math.max(0.25, reading.withinStops));
      }),
      { seed: 5, numRuns: 300 },
    );
  });
});
