import { describe, expect, it } from 'vitest';
import { usualRoom } from '../../../bench/printer/darkroom.ts';
import { asFound, learned } from '../../../bench/printer/printers.ts';
import { trial } from '../../../bench/printer/report.ts';

/** So few that it takes seconds; how far a mean of them may lie from that of a thousand is in the bounds. */
const ROOMS = 200;
const SEED = 11;
const wanted = [
  { certainty: 'work-print', strips: 2.6, most: 4, stops: 0.18, range: 11 },
  { certainty: 'exhibition', strips: 3, most: 5, stops: 0.16, range: 10 },
] as const;

describe('a printer who does what the page says', () => {
  it.each(wanted)(
    'comes to $certainty in few strips, ends, and is told how far it may be out',
    ({ certainty, strips, most, stops, range }) => {
      const found = trial(asFound({ certainty }), ROOMS, SEED);
      expect(found.endless).toBe(0);
      expect(found.strips.mean).toBeLessThan(strips);
      expect(found.strips.most).toBeLessThanOrEqual(most);
      expect(found.stops.most).toBeLessThan(stops);
      expect(found.range.most).toBeLessThan(range);
      // 95 of 100 are meant.
      expect(found.keptStops).toBeGreaterThan(90);
      expect(found.keptRange).toBeGreaterThan(90);
    },
    120_000,
  );

  it('ends with a lag that nobody knows, and where many looks are slips', () => {
    for (const hard of [{ lagSeconds: [0.8, 0.8] }, { slips: 0.1 }] as const) {
      const found = trial(asFound({ certainty: 'exhibition' }), ROOMS / 5, SEED, {
        ...usualRoom,
        ...hard,
      });
      expect(found.endless).toBe(0);
      expect(found.keptStops).toBeGreaterThan(80);
    }
  }, 120_000);

  it('is told of another box of paper after some prints on it, and of none where there is none', () => {
    const habits = { certainty: 'work-print' } as const;
    const box = { stops: 0, settingStops: 0.5, rangeShare: 0.15 };
    expect(trial(learned(habits, box, 2), 16, SEED).boxNamed).toBeGreaterThan(30);
    // One in sixteen may be taken for another by chance: its eye is one of the worse ones.
    expect(trial(learned(habits), 16, SEED).boxNamed).toBeLessThan(15);
  }, 120_000);
});
