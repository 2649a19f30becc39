import fc from 'fast-check';
import { expect, it } from 'vitest';
import { certainText, withinPercent, withinText } from '../../src/lib/words/certain.ts';
import { withinInWords } from '../../src/lib/words/fraction.ts';

it('what is said is never surer than what is known, and by less than a last digit wider', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 500, noNaN: true }),
      fc.integer({ min: 0, max: 3 }),
      (within, digits) => {
        const said = Number(withinText(within, digits));
        expect(said).toBeGreaterThanOrEqual(within - 1e-6);
        expect(said).toBeLessThan(within + 10 ** -digits + 1e-6);
      },
    ),
  );
  fc.assert(
    fc.property(fc.double({ min: 0, max: 20, noNaN: true }), (stops) => {
      expect(Number.parseFloat(withinInWords(stops))).toBeGreaterThanOrEqual(stops - 1e-6);
    }),
  );
});

it.each([
  [certainText({ value: 99.62, within: 4.31 }, 1), '99.6 ± 4.4'],
  [withinText(0.1204, 2), '0.13'],
  [withinText(0.3, 1), '0.3'],
  [withinPercent(0.0205), '3 %'],
  [withinPercent(0.0205, 1), '2.1 %'],
  [withinInWords(0.191), '0.20 stop'],
  [withinInWords(0.999), '1 stop'],
  [withinInWords(1.21), '1.3 stops'],
])('%s is %s', (said, expected) => {
  expect(said).toBe(expected);
});
