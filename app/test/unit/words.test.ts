import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { parseDecimal } from '../../src/lib/words/decimal.ts';
import {
  clockTime,
  countdown,
  enlargerSeconds,
  parseDuration,
  secondsInWords,
} from '../../src/lib/words/duration.ts';
import { plainStops, signedStops, stopsInWords } from '../../src/lib/words/fraction.ts';
import { pushSentence } from '../../src/lib/words/push.ts';
import {
  degrees,
  degreesApart,
  parseTemperature,
  retype,
  typedTemperature,
} from '../../src/lib/words/temperature.ts';
import {
  parseVolume,
  partsInWords,
  retypeVolume,
  volumeWords,
} from '../../src/lib/words/volume.ts';

describe('times', () => {
  it.each([
    [538, '8:58'],
    [537.8, '8:58'],
    [30, '0:30'],
    [3665, '61:05'],
    [-4, '−0:04'],
    [-0.2, '0:00'],
  ])('%f s is %s', (seconds, shown) => expect(clockTime(seconds)).toBe(shown));

  it.each([
    [60, '1:00'],
    [59.2, '1:00'],
    [0.1, '0:01'],
    [0, '0:00'],
    [-0.5, '−0:01'],
    [-1.5, '−0:02'],
  ])('a countdown with %f s left shows %s', (left, shown) => expect(countdown(left)).toBe(shown));

  it.each([
    ['3:30', 210],
    [' 0:45.5 ', 45.5],
    ['90', 90],
    ['12,5 s', 12.5],
  ])('reads %j', (text, seconds) => expect(parseDuration(text)).toBe(seconds));

  it.each(['', '0', '0:00', '3:75', 'soon', '1:2:3', '-5'])('does not read %j', (text) => {
    expect(() => parseDuration(text)).toThrow(/as 3:30/);
  });

  it('reads back what it shows', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 20_000 }), (seconds) => {
        expect(parseDuration(clockTime(seconds))).toBe(seconds);
      }),
    );
  });

  it('shows the digits that the timer can dial', () => {
    expect(enlargerSeconds(10.617, 0.1)).toBe('10.6');
    expect(enlargerSeconds(10.617, 1)).toBe('11');
    expect(enlargerSeconds(10.617, 0.05)).toBe('10.62');
    expect(enlargerSeconds(10.5, 0.5)).toBe('10.5');
  });

  it('says a length of time', () => {
    expect(secondsInWords(-49.6)).toBe('50 seconds');
    expect(secondsInWords(1.2)).toBe('1 second');
    expect(secondsInWords(150)).toBe('3 minutes');
  });
});

describe('stops', () => {
  it.each([
    [1 / 3, '+⅓', '⅓ stop'],
    [-0.25, '−¼', '¼ stop'],
    [0.5, '+½', '½ stop'],
    [1, '+1', '1 stop'],
    [5 / 3, '+1⅔', '1⅔ stops'],
    [-2, '−2', '2 stops'],
    [17 / 12, '+1 5/12', '1 5/12 stops'],
    [0.01, '0', '0 stops'],
  ])('%f is %s, %s', (stops, signed, words) => {
    expect(signedStops(stops)).toBe(signed);
    expect(stopsInWords(stops)).toBe(words);
  });

  it('are read as they are written', () => {
    fc.assert(
      fc.property(fc.integer({ min: -48, max: 48 }), (twelfths) => {
        const read = parseDecimal(signedStops(twelfths / 12), '/stops', 'stops');
        expect(read * 12).toBeCloseTo(twelfths, 6);
      }),
    );
    expect(plainStops(0)).toBe('0');
  });
});

describe('numbers', () => {
  it.each([
    ['20.6', 20.6],
    ['20,6', 20.6],
    ['−3', -3],
    ['1/3', 1 / 3],
    ['2½', 2.5],
    ['1 5/12', 17 / 12],
  ])('%j', (text, value) => expect(parseDecimal(text, '/x', 'no')).toBeCloseTo(value, 9));

  it.each(['', 'a', '1/0', '1e5', '0x10', 'NaN', '--1', '½½'])(
    'refuses %j with the sentence',
    (text) => {
      expect(() => parseDecimal(text, '/x', 'Type a number.')).toThrow('Type a number.');
    },
  );
});

describe('temperatures', () => {
  it('are read and shown in the unit chosen', () => {
    expect(parseTemperature('20.6', 'C')).toBe(20.6);
    expect(parseTemperature('68 °F', 'F')).toBeCloseTo(20);
    expect(degrees(20.6, 'C')).toBe('20.6°');
    expect(degrees(20, 'F')).toBe('68°');
    expect(degreesApart(0.3, 'C')).toBe('0.3 °C');
    expect(degreesApart(0.3, 'F')).toBe('0.5 °F');
    expect(() => parseTemperature('warm', 'F')).toThrow('°F, for example 69');
  });

  it.each([
    ['59 °F', 15],
    ['59F', 15],
    ['15C', 15],
    ['15 °c', 15],
  ])('%s keeps its own unit, whatever the page shows', (text, celsius) => {
    expect(parseTemperature(text, 'C')).toBeCloseTo(celsius, 9);
    expect(parseTemperature(text, 'F')).toBeCloseTo(celsius, 9);
  });

  it('are typed out so that reading them gives the same, to the last digit', () => {
    expect(typedTemperature(20.6, 'C')).toBe('20.6');
    expect(typedTemperature(20, 'F')).toBe('68');
    expect(typedTemperature((65 - 32) / 1.8, 'C')).toBe('65F');
    expect(typedTemperature((65 - 32) / 1.8, 'F')).toBe('65');
    fc.assert(
      fc.property(
        fc.integer({ min: 320, max: 1200 }),
        fc.constantFrom('C', 'F'),
        (tenths, unit) => {
          for (const celsius of [tenths / 10 - 30, parseTemperature(`${tenths / 10}F`, 'C')]) {
            const back = parseTemperature(typedTemperature(celsius, unit as 'C'), unit as 'C');
            expect(back).toBeCloseTo(celsius, 9);
          }
        },
      ),
    );
  });

  it('are retyped when the unit changes, and left alone when they cannot be read', () => {
    expect(retype('20', 'C', 'F')).toBe('68');
    expect(retype('68', 'F', 'C')).toBe('20');
    expect(retype('warm', 'C', 'F')).toBe('warm');
  });
});

describe('push and pull', () => {
  it('are never swapped: a higher speed used is a push', () => {
    const speeds = fc.constantFrom(25, 50, 100, 200, 320, 400, 800, 1600, 3200);
    fc.assert(
      fc.property(speeds, speeds, (box, used) => {
        const sentence = pushSentence(box, used);
        if (used > box) expect(sentence).toMatch(/under, push \+/);
        else if (used < box) expect(sentence).toMatch(/over, pull −/);
        else expect(sentence).toMatch(/normal development/);
      }),
    );
  });
});

describe('volumes', () => {
  it('have the digits that can be measured', () => {
    expect(volumeWords(18.75)).toBe('18.8 ml');
    expect(volumeWords(581.25)).toBe('581 ml');
    expect(volumeWords(10)).toBe('10 ml');
    expect(volumeWords(473.176, 'fl oz')).toBe('16 fl oz');
  });

  it('of a mix add up to the whole, in either unit', () => {
    expect(partsInWords([118.5, 118.5])).toEqual(['119 ml', '118 ml']);
    expect(partsInWords([18.75, 581.25])).toEqual(['18.8 ml', '581.2 ml']);
    const numbers = (words: string[]) => words.map((word) => Number(word.split(' ')[0]));
    fc.assert(
      fc.property(
        fc.double({ min: 50, max: 5000, noNaN: true }),
        fc.integer({ min: 1, max: 200 }),
        fc.constantFrom('ml' as const, 'fl oz' as const),
        (ml, parts, unit) => {
          const shown = numbers(partsInWords([ml / (parts + 1), (ml * parts) / (parts + 1)], unit));
          const whole = Number(volumeWords(ml, unit).split(' ')[0]);
          expect(shown[0]! + shown[1]!).toBeCloseTo(whole, 6);
        },
      ),
    );
  });

  it('are read in the unit of the page, unless one is typed with them', () => {
    expect(parseVolume('600')).toBe(600);
    expect(parseVolume('20 fl oz')).toBeCloseTo(591.47);
    expect(parseVolume('600 ml', 'fl oz')).toBe(600);
    expect(parseVolume('16', 'fl oz')).toBeCloseTo(473.176);
    expect(() => parseVolume('some')).toThrow('in ml, for example 600');
    expect(retypeVolume('600', 'ml', 'fl oz')).toBe('20.3');
    expect(retypeVolume('5.25', 'ml', 'fl oz', 5.25)).toBe('0.18');
    expect(retypeVolume('0.18', 'fl oz', 'ml', 5.25)).toBe('5.25');
  });
});
