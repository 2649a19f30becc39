import { correctedReading, readingFor, thermometer } from '@katachron/core';
import { degrees, degreesApart } from '../../../words/temperature.ts';
import { optional, temperatureField, textField } from '../fields/simple.ts';
import { rowsField } from '../fields/tables.ts';
import { testKind } from './kind.ts';

const temperature = (label: string, title: string) =>
  temperatureField({ label, title, least: -5, most: 80, example: 20 });
const signed = (value: number) => `${value < 0 ? '−' : ''}${Math.abs(value).toFixed(2)}`;

/** A thermometer against one that is trusted. */
export const thermometers = testKind({
  id: 'thermometer',
  group: 'light',
  name: 'Thermometers',
  question: 'What does this thermometer read when it is really 20 °C?',
  list: [
    'the thermometer in use, and one that is trusted',
    'three or four baths of water between the coldest and the warmest that is needed, stirred',
  ],
  evening: () => [
    'Both thermometers into the same bath, side by side, their bulbs together; stir; wait a minute.',
    'Read both to a tenth. The next bath, four in all.',
    'One of them near 38 °C: a warm bath tells most about the slope.',
  ],
  caution: 'A broken glass thermometer is cleared away as its leaflet says; mercury is toxic.',
  fields: {
    name: textField({
      label: 'The thermometer',
      hint: 'As it is called when it is read: the tank thermometer.',
      title: 'which thermometer it is',
    }),
    pairs: rowsField({
      label: 'Readings, °',
      hint: 'Of one bath, both at once.',
      title: 'the readings',
      one: 'a bath',
      columns: {
        readingC: temperature('It reads', 'its reading'),
        trueC: temperature('Trusted', 'the trusted one'),
      },
      least: 1,
      begin: 4,
      most: 20,
    }),
    askedC: optional(temperature('It reads now, °', 'what it reads now')),
  },
  nameOf: ({ name }) => name,
  solve: ({ pairs }) => thermometer(pairs),
  tell: (line, { pairs, askedC = 20 }, unit) => {
    const now = correctedReading(line, askedC);
    const toRead = readingFor(line, 20);
    return {
      number: degrees(toRead, unit),
      unit: unit === 'C' ? 'for 20 °C' : 'for 68 °F',
      sentence: `To have ${degrees(20, unit)} it must read ${degrees(toRead, unit)}; when it reads ${degrees(askedC, unit)} it is ${degrees(now.temperatureC, unit)}.`,
      more: [
        `True = ${signed(line.a)} + ${line.b.toFixed(4)} × its reading, in °C, by ${pairs.length} ${pairs.length === 1 ? 'bath' : 'baths'}.`,
        ...(pairs.length > 2
          ? [
              `The baths lie ${degreesApart(line.restC, unit)} off the line; a reading between them is good to ± ${degreesApart(line.withinC, unit)}.`,
            ]
          : ['One or two baths tell an offset and no more: four are a test.']),
        'Once it is kept, choose it beside a temperature that is read: there it is corrected.',
      ],
      cautions: [
        ...(now.outside
          ? [
              `${degrees(askedC, unit)} lies outside what was compared, ${degrees(line.lowC, unit)} to ${degrees(line.highC, unit)}.`,
            ]
          : []),
        ...(line.restTooLarge
          ? [
              `The baths lie more than ${degreesApart(0.2, unit)} off one line: one was not stirred, or was misread. Compare again.`,
            ]
          : []),
      ],
    };
  },
  chart: (line, { pairs }) => {
    const ends = [line.lowC - 1, line.highC + 1];
    return {
      label: 'What it is out by, over its reading',
      across: 'it reads, °C',
      up: 'true − read, °C',
      series: [
        {
          name: 'fitted',
          points: pairs.map(({ readingC, trueC }) => ({ x: readingC, y: trueC - readingC })),
          curve: ends.map((x) => ({ x, y: line.a + (line.b - 1) * x })),
        },
      ],
      marks: [],
      residuals: pairs.map(({ readingC }, index) => ({
        x: readingC,
        y: line.residualsC[index]!,
      })),
      residualsUp: 'off the line, °C',
    };
  },
  usedBy: 'Every reading by this thermometer is corrected with it.',
  hangsOn: ['thermometer'],
  doubtAfterDays: 365,
  drift: { amount: 0.2, unit: '°C' },
  shortCheck: 'Both in one bath near 20 °C: still what the line says, to 0.2 °C?',
});
