import { defaultPaper, mixOf, splitPair } from '@katachron/core';
import Type from 'typebox';
import { isoRange, orNull, seconds, stops } from '../../kit/fields.ts';
import { operation } from './operation.ts';

const setting = (title: string) =>
  Type.Object(
    { range: isoRange('The range'), speedStops: stops('The speed') },
    { title, additionalProperties: false },
  );

export const splitOperation = operation({
  id: 'split',
  summary: 'A single exposure as a soft and a hard one, and what the pair amounts to',
  request: Type.Object(
    {
      range: isoRange('The range of the single exposure'),
      speedStops: stops('Its speed'),
      seconds: seconds('Its time'),
      soft: setting('The soft setting'),
      hard: setting('The hard setting'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    softSeconds: orNull<number>(Type.Number()),
    hardSeconds: orNull<number>(Type.Number()),
    range: orNull<number>(Type.Number()),
  }),
  example: {
    request: {
      range: 110,
      speedStops: 0,
      seconds: 10,
      soft: { range: 170, speedStops: 0 },
      hard: { range: 52, speedStops: -1 },
    },
    response: { softSeconds: 7.22, hardSeconds: 5.96, range: 110 },
  },
  run: ({ soft, hard, ...single }) => {
    const pair = splitPair(defaultPaper, single, soft, hard);
    if (!pair) return { softSeconds: null, hardSeconds: null, range: null };
    const { range } = mixOf(defaultPaper, [
      { ...soft, seconds: pair.softSeconds },
      { ...hard, seconds: pair.hardSeconds },
    ]);
    return { ...pair, range };
  },
});
