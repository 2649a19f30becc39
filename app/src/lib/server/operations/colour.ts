import { removeCast, ringAround, usualColourHead, wrongTurn, channels } from '@katachron/core';
import Type from 'typebox';
import { oneOf, seconds } from '../../kit/fields.ts';
import { Pack } from '../../nouns/colour-print/contract.ts';
import { operation } from './operation.ts';

const change = (title: string) => Type.Number({ title, minimum: -300, maximum: 300 });
const take = (title: string) =>
  Type.Number({ title, minimum: 0.001, maximum: 2, description: 'stops for 10 units' });
const head = Type.Optional(
  Type.Object(
    { c: take('Cyan'), m: take('Magenta'), y: take('Yellow') },
    { title: 'What ten units of each filter take', additionalProperties: false },
  ),
);
const found = Type.Object({ c: Type.Number(), m: Type.Number(), y: Type.Number() });

export const colourPackOperation = operation({
  id: 'colour-pack',
  summary: 'A change of the filter pack of a colour print: grey out, the time corrected',
  request: Type.Object(
    {
      pack: Pack,
      change: Type.Object(
        { c: change('Cyan'), m: change('Magenta'), y: change('Yellow') },
        { title: 'The change', additionalProperties: false },
      ),
      seconds: seconds('The time'),
      head,
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    pack: found,
    seconds: Type.Number(),
    stops: Type.Number(),
    /** Two channels moved alike: the third, and by how much. */
    sameAs: Type.Optional(Type.Object({ channel: Type.String(), units: Type.Number() })),
  }),
  example: {
    request: { pack: { c: 10, m: 40, y: 60 }, change: { c: 0, m: 10, y: 10 }, seconds: 11.5 },
    response: {
      pack: { c: 0, m: 40, y: 60 },
      seconds: 10.96,
      stops: -0.07,
      sameAs: { channel: 'c', units: -10 },
    },
  },
  run: ({ pack, change: units, seconds: time, head: own = usualColourHead }) => {
    const turn = wrongTurn(units);
    return { ...removeCast(pack, units, time, own), ...(turn && { sameAs: turn }) };
  },
});

export const ringAroundOperation = operation({
  id: 'ring-around',
  summary: 'Patches of one channel, or of the time, in even steps on one sheet, each with its time',
  request: Type.Object(
    {
      pack: Pack,
      seconds: seconds('The time'),
      channel: Type.Optional(
        oneOf(
          channels.map(({ id }) => id),
          'The channel',
          { description: 'left out: the time is moved' },
        ),
      ),
      step: Type.Number({ title: 'The step', exclusiveMinimum: 0, maximum: 100 }),
      patches: Type.Integer({ title: 'The patches', minimum: 3, maximum: 9 }),
      head,
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    patches: Type.Array(Type.Object({ pack: found, seconds: Type.Number() })),
  }),
  example: {
    request: { pack: { c: 0, m: 44, y: 58 }, seconds: 11.5, channel: 'm', step: 10, patches: 3 },
    response: {
      patches: [
        { pack: { c: 0, m: 34, y: 58 }, seconds: 10.8 },
        { pack: { c: 0, m: 44, y: 58 }, seconds: 11.5 },
        { pack: { c: 0, m: 54, y: 58 }, seconds: 12.24 },
      ],
    },
  },
  run: ({ pack, seconds: time, channel, step, patches, head: own = usualColourHead }) => ({
    patches: ringAround(
      { pack, seconds: time },
      { step, patches, ...(channel && { channel }) },
      own,
    ),
  }),
});
