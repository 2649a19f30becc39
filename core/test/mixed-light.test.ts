import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  type BlueAndGreen,
  checkStrip,
  curveForRange,
  defaultPaper,
  flashedRange,
  keepTone,
  lightOf,
  logExposureAt,
  mainUnderFlash,
  markedAperture,
  mixOf,
  pairFromStrips,
  rangeUnderFlash,
  shareOfPlace,
  shortenedFirst,
  splitPair,
  timeAtAperture,
  timeAtDistance,
  timeAtMagnification,
  timeByLengths,
  timeOnPaper,
} from '../src/index.ts';

const soft = { range: 150, speedStops: 0 };
const hard = { range: 52, speedStops: -1 };
const aRange = fc.double({ min: 55, max: 165, noNaN: true });
const someSeconds = fc.double({ min: 0.5, max: 60, noNaN: true });

describe('light of several contrasts', () => {
  it('R of a mix lies between the two', () => {
    fc.assert(
      fc.property(aRange, aRange, someSeconds, someSeconds, (a, b, one, two) => {
        const { range } = mixOf(defaultPaper, [
          { range: a, speedStops: 0, seconds: one },
          { range: b, speedStops: 0, seconds: two },
        ]);
        expect(range).toBeGreaterThanOrEqual(Math.min(a, b) - 1e-6);
        expect(range).toBeLessThanOrEqual(Math.max(a, b) + 1e-6);
      }),
    );
  });

  it('does not mind the order', () => {
    const exposures = [
      { ...soft, seconds: 6 },
      { ...hard, seconds: 9 },
      { range: 110, speedStops: 0, seconds: 2 },
    ];
    const back = mixOf(defaultPaper, [...exposures].reverse());
    expect(back.range).toBeCloseTo(mixOf(defaultPaper, exposures).range, 9);
  });

  it('a pair amounts to its single contrast and back', () => {
    fc.assert(
      fc.property(fc.double({ min: 60, max: 145, noNaN: true }), someSeconds, (range, seconds) => {
        const pair = splitPair(defaultPaper, { range, speedStops: 0, seconds }, soft, hard)!;
        const back = mixOf(defaultPaper, [
          { ...soft, seconds: pair.softSeconds },
          { ...hard, seconds: pair.hardSeconds },
        ]);
        expect(back.range).toBeCloseTo(range, 3);
        expect(back.seconds).toBeCloseTo(seconds, 3);
      }),
    );
  });

  it('there is no pair for a contrast outside the two', () => {
    const single = { range: 165, speedStops: 0, seconds: 10 };
    expect(splitPair(defaultPaper, single, soft, hard)).toBeUndefined();
    expect(splitPair(defaultPaper, { ...single, range: 50 }, soft, hard)).toBeUndefined();
  });

  it('a hard exposure lifts the highlight a little, so the soft one is shortened', () => {
    const alone = { ...soft, seconds: 10 };
    const some = shortenedFirst(defaultPaper, alone, { ...hard, seconds: 5 }, 0.1);
    const more = shortenedFirst(defaultPaper, alone, { ...hard, seconds: 15 }, 0.1);
    expect(some).toBeLessThan(10);
    expect(some).toBeGreaterThan(6);
    expect(more).toBeLessThan(some);
  });

  it('the highlight of a pair is where its single contrast has it', () => {
    const single = { range: 90, speedStops: 0, seconds: 10 };
    const pair = splitPair(defaultPaper, single, soft, hard)!;
    // The soft time that is right for the highlight alone, carried from the single exposure.
    const alone = keepTone(defaultPaper, single, soft, single.seconds, 0.1);
    const shortened = shortenedFirst(
      defaultPaper,
      { ...soft, seconds: alone },
      { ...hard, seconds: pair.hardSeconds },
      0.1,
    );
    expect(shortened).toBeCloseTo(pair.softSeconds, 2);
  });

  it('two strips keep both tones: the first is shortened, the other lengthened', () => {
    const picked = [
      { ...soft, seconds: 10 },
      { ...hard, seconds: 12 },
    ] as const;
    const tones = { highlight: 0.1, shadow: 1.72 };
    const pair = pairFromStrips(defaultPaper, 'soft-first', ...picked, tones);
    expect(pair.soft.seconds).toBeCloseTo(6.944, 3);
    expect(pair.hard.seconds).toBeCloseTo(13.54, 2);
    expect(pair.single.range).toBeCloseTo(85.74, 2);
    // Shortening the first one only leaves the shadow too light.
    const shortened = shortenedFirst(defaultPaper, ...picked, 0.1);
    expect(shortened).toBeCloseTo(7.301, 3);
    expect(mixOf(defaultPaper, [{ ...soft, seconds: shortened }, picked[1]]).range).toBeCloseTo(
      89.46,
      2,
    );
    // How much light a place of that tone takes, by a mix of its own.
    const taken = (softSeconds: number) => {
      const { range, seconds } = mixOf(defaultPaper, [
        { ...soft, seconds: softSeconds },
        picked[1],
      ]);
      const curve = curveForRange(defaultPaper, range);
      const at = (net: number) => logExposureAt(curve, defaultPaper.dMin + net);
      return Math.log2(10 ** (at(tones.shadow) - at(0.6)) / seconds);
    };
    expect(taken(shortened) - taken(10)).toBeCloseTo(0.1183, 4);
  });

  it('both tones are kept in whatever order they were found, or the pair is refused', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('soft-first' as const, 'hard-first' as const),
        fc.double({ min: 3, max: 30, noNaN: true }),
        fc.double({ min: 3, max: 30, noNaN: true }),
        (order, softSeconds, hardSeconds) => {
          const tones = { highlight: 0.1, shadow: 1.72 };
          const first = { ...soft, seconds: softSeconds };
          const other = { ...hard, seconds: hardSeconds };
          let pair;
          try {
            pair = pairFromStrips(defaultPaper, order, first, other, tones);
          } catch (cause) {
            expect(cause).toMatchObject({ code: 'split-beyond' });
            return;
          }
          const lightAt = ({ blue, green }: BlueAndGreen, seconds: number) => ({
            blue: blue * seconds,
            green: green * seconds,
          });
          const sum = (a: BlueAndGreen, b: BlueAndGreen) => ({
            blue: a.blue + b.blue,
            green: a.green + b.green,
          });
          const [s, h] = [lightOf(defaultPaper, soft), lightOf(defaultPaper, hard)];
          const given = sum(lightAt(s, pair.soft.seconds), lightAt(h, pair.hard.seconds));
          const both = sum(lightAt(s, softSeconds), lightAt(h, hardSeconds));
          const alone = order === 'soft-first' ? lightAt(s, softSeconds) : lightAt(h, hardSeconds);
          const [light, dark] = order === 'soft-first' ? [alone, both] : [both, alone];
          const shareOf = (one: BlueAndGreen, tone: number) =>
            shareOfPlace(defaultPaper, one, tone);
          expect(shareOf(given, 0.1)).toBeCloseTo(shareOf(light, 0.1), 6);
          expect(shareOf(given, 1.72)).toBeCloseTo(shareOf(dark, 1.72), 6);
        },
      ),
    );
  });

  it('nothing exposed is nothing', () => {
    expect(() => mixOf(defaultPaper, [])).toThrow(/Nothing/);
  });
});

describe('a flash', () => {
  const white = { range: 170 };

  it('never raises the contrast, and the more the softer', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 140, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (range, a, b) => {
          const [less, more] = [Math.min(a, b), Math.max(a, b)];
          const of = (share: number) => flashedRange(defaultPaper, range, { ...white, share });
          expect(of(less)).toBeGreaterThanOrEqual(range - 1e-6);
          expect(of(more)).toBeGreaterThanOrEqual(of(less) - 1e-6);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('never lightens: the main exposure can only get shorter', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 60, max: 140, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (range, share) => {
          const factor = mainUnderFlash(defaultPaper, range, { ...white, share }, 0.1);
          expect(factor).toBeLessThanOrEqual(1 + 1e-9);
          expect(factor).toBeGreaterThan(0.3);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('a harder contrast brings the range back', () => {
    const flash = { ...white, share: 0.9 };
    const harder = rangeUnderFlash(defaultPaper, 110, flash)!;
    expect(harder).toBeLessThan(110);
    expect(flashedRange(defaultPaper, harder, flash)).toBeCloseTo(110, 3);
    expect(rangeUnderFlash(defaultPaper, 52, flash)).toBeUndefined();
  });

  it('refuses a veil where the highlight would be lighter', () => {
    const veil = { ...white, share: 20 };
    expect(() => mainUnderFlash(defaultPaper, 110, veil, 0.1)).toThrow(/Flash less/);
  });
});

describe('a time in another set-up', () => {
  it('60 mm negative, 190 → 410 mm, 13.5 s: 47.7 s by the lens law, 62.9 s by lengths, 0.40 stop apart', () => {
    const law = timeAtMagnification(13.5, 190 / 60, 410 / 60);
    const lengths = timeByLengths(13.5, 190, 410);
    expect(law).toBeCloseTo(47.7, 1);
    expect(lengths).toBeCloseTo(62.9, 1);
    expect(Math.log2(lengths / law)).toBeCloseTo(0.4, 2);
  });

  it.each([
    [8, 11, 20],
    [5.6, 16, 80],
    [16, 8, 2.5],
  ])('10 s at f/%d are, at f/%d, %d s: marks are rounded, stops are not', (from, to, seconds) => {
    expect(timeAtAperture(10, from, to)).toBeCloseTo(seconds, 9);
    expect(markedAperture(6.7)).toBeCloseTo(6.727, 3);
    expect(markedAperture(13)).toBeCloseTo(12.7, 2);
  });

  it('on another paper by its speed and the nearest setting, the highlight kept (P10)', () => {
    const bySpeed = timeOnPaper(12.4, 400, 250);
    expect(bySpeed).toBeCloseTo(19.84, 2);
    const [from, to] = [110, 103].map((range) => ({ range, speedStops: 0 })) as [
      { range: number; speedStops: number },
      { range: number; speedStops: number },
    ];
    const kept = keepTone(defaultPaper, from, to, bySpeed, 0.1);
    expect(kept / bySpeed).toBeCloseTo(1.039, 3);
    expect(kept).toBeCloseTo(20.62, 2);
  });

  it('there and back is the same time', () => {
    const some = fc.double({ min: 0.1, max: 50, noNaN: true });
    fc.assert(
      fc.property(some, some, some, (seconds, a, b) => {
        for (const convert of [
          timeAtMagnification,
          timeByLengths,
          timeAtAperture,
          timeOnPaper,
          timeAtDistance,
        ]) {
          expect(convert(convert(seconds, a, b), b, a)).toBeCloseTo(seconds, 6);
          expect(() => convert(seconds, 0, b)).toThrow(/more than zero/);
          expect(() => convert(seconds, a, -1)).toThrow(/more than zero/);
        }
      }),
    );
  });

  it('is checked by three patches around it', () => {
    const { firstSeconds, stepStops } = checkStrip(20);
    expect(firstSeconds * 2 ** stepStops).toBeCloseTo(20);
  });
});
