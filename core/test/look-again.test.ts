import { describe, expect, it } from 'vitest';
import {
  certainties,
  contrastSet,
  defaultPaper,
  lookAgainReaches,
  lookErrs,
  peopleSeen,
  readPrint,
  type PrintSession,
  type SessionStrip,
} from '../src/index.ts';

const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const tones = { highlightDensity: 0.1, shadowDensity: 1.72 };
const strip = (more: Partial<SessionStrip>, step = 0.25): SessionStrip => ({
  ...{ settingId: '2', lamp },
  choices: { kind: 'stops', method: 'separate', firstSeconds: 6, step, patches: 7 },
  ...more,
});
const session = (strips: readonly SessionStrip[], more: Partial<PrintSession> = {}) => ({
  ...{ paper: defaultPaper, set: contrastSet('filters'), lamp, ...tones, strips },
  ...{ earlier: [], wanted: certainties[1], mostParts: 2 },
  ...more,
});
const seen = { highlight: 3, shadow: 3 };

describe('a fresh look', () => {
  it('is told to do where it then does, and not where something else is missing', () => {
    const once = session([strip(seen)]);
    expect(readPrint(once).verdict).toBe('narrow');
    expect(lookAgainReaches(once, once.strips)).toBe(true);
    const twice = session([strip(seen), strip(seen)]);
    expect(readPrint(twice).verdict).toBe('make-print');
    expect(lookAgainReaches(twice, twice.strips)).toBe(false);
    // Patches a stop apart, and a contrast that nobody looked for, want another strip.
    const coarse = session([strip(seen, 1)]);
    expect(lookAgainReaches(coarse, coarse.strips)).toBe(false);
    expect(lookAgainReaches(once, [])).toBe(false);
  });
});

describe('whoever looks', () => {
  /** Ten prints in a set-up; a pick is so many patches off, this way and that. */
  const prints = (off: number) => ({
    ...{ paper: defaultPaper, set: contrastSet('filters') },
    earlier: Array.from({ length: 10 }, (_, print) => ({
      ...{ ...tones, lamp },
      strips: [0, 1, 2].map((look) => {
        const away =
          Math.round(2 * off * [0, 1, -1, 0.5, -1, 1, -0.5][(print * 3 + look) % 7]!) / 2;
        return strip({ highlight: 3 + away, shadow: 3 - away });
      }),
    })),
  });
  const next = (people: PrintSession['people']) => session([strip(seen)], people ? { people } : {});

  it('is the same person on another paper: what prints taught of the eye goes along', () => {
    const fine = lookErrs(next(peopleSeen([prints(0)])));
    const coarse = lookErrs(next(peopleSeen([prints(1)])));
    const unknown = lookErrs(next(undefined));
    expect(fine).toBeLessThan(unknown);
    expect(coarse).toBeGreaterThan(unknown);
    expect(coarse).toBeGreaterThan(1 / 7);
    expect(fine).toBeLessThan(1 / 10);
    // Of whoever sees less finely less is promised.
    const within = (people: PrintSession['people']) => readPrint(next(people)).withinStops;
    expect(within(peopleSeen([prints(1)]))).toBeGreaterThan(1.2 * within(peopleSeen([prints(0)])));
  });

  it('is anybody before, and two set-ups tell more than one', () => {
    const shares = peopleSeen([]).eyes;
    expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    const best = (setups: Parameters<typeof peopleSeen>[0]) => peopleSeen(setups).eyes[0]!.share;
    expect(best([prints(0)])).toBeGreaterThan(best([]));
    expect(best([prints(0), prints(0)])).toBeGreaterThan(best([prints(0)]));
    expect(peopleSeen([prints(0)]).cards).toEqual(peopleSeen([]).cards);
  });
});
