import { defaultPaper, flashedRange, mainUnderFlash, rangeUnderFlash } from '@katachron/core';
import Type from 'typebox';
import { isoRange, netDensity, orNull } from '../../kit/fields.ts';
import { operation } from './operation.ts';

export const flashOperation = operation({
  id: 'flash',
  summary: 'What a plain exposure under the threshold does to contrast and to the main exposure',
  request: Type.Object(
    {
      range: isoRange('The range without flash'),
      share: Type.Number({
        title: 'The share of the threshold',
        minimum: 0,
        maximum: 2,
        description: '1 is the threshold itself',
      }),
      flashRange: isoRange('The range of the flash’s light'),
      highlightDensity: netDensity('The highlight’s tone'),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    range: Type.Number(),
    rangeToRestore: orNull<number>(Type.Number()),
    mainFactor: Type.Number(),
  }),
  example: {
    request: { range: 110, share: 0.85, flashRange: 170, highlightDensity: 0.1 },
    response: { range: 145.6, rangeToRestore: 75.1, mainFactor: 0.543 },
  },
  run: ({ range, share, flashRange, highlightDensity }) => {
    const flash = { share, range: flashRange };
    return {
      range: flashedRange(defaultPaper, range, flash),
      rangeToRestore: rangeUnderFlash(defaultPaper, range, flash) ?? null,
      mainFactor: mainUnderFlash(defaultPaper, range, flash, highlightDensity),
    };
  },
});
