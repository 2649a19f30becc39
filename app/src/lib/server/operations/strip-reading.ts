import { contrastSet, defaultPaper, readStrip, toneById } from '@katachron/core';
import Type from 'typebox';
import { orNull, seconds } from '../../kit/fields.ts';
import { Pick, contrastSetId, settingId, wantedStops } from '../../nouns/strip/contract.ts';
import { operation } from './operation.ts';

const pickReading = orNull<{ seconds: number; lowSeconds: number; highSeconds: number }>(
  Type.Object({
    seconds: Type.Number(),
    lowSeconds: Type.Number(),
    highSeconds: Type.Number(),
  }),
);

export const stripReadingOperation = operation({
  id: 'strip-reading',
  summary: 'Time, bracket, contrast and what to do next, from the patches picked on a strip',
  request: Type.Object(
    {
      patchSeconds: Type.Array(seconds('What a patch got'), {
        title: 'What the patches got',
        minItems: 2,
        maxItems: 15,
      }),
      contrastSetId,
      settingId,
      highlight: Type.Optional(Pick),
      shadow: Type.Optional(Pick),
      wantedStops,
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    settingId: Type.String(),
    seconds: Type.Number(),
    lowSeconds: Type.Number(),
    highSeconds: Type.Number(),
    withinStops: Type.Number(),
    verdict: Type.String(),
    highlight: pickReading,
    shadow: pickReading,
    nextStrip: Type.Object({
      firstSeconds: Type.Number(),
      stepStops: Type.Number(),
      patches: Type.Integer(),
    }),
  }),
  example: {
    request: {
      patchSeconds: [4, 8, 16],
      contrastSetId: 'filters',
      settingId: '2',
      highlight: { position: 1, tone: 'VIII' },
      wantedStops: 0.25,
    },
    response: {
      settingId: '2',
      seconds: 8,
      lowSeconds: 5.656854249492381,
      highSeconds: 11.313708498984761,
      withinStops: 0.5,
      verdict: 'narrow',
      highlight: { seconds: 8, lowSeconds: 5.656854249492381, highSeconds: 11.313708498984761 },
      shadow: null,
      nextStrip: { firstSeconds: 5.656854249492381, stepStops: 0.25, patches: 5 },
    },
  },
  run: (request) => {
    const pick = (chosen: Pick | undefined) =>
      chosen && { position: chosen.position, netDensity: toneById(chosen.tone).netDensity };
    const highlight = pick(request.highlight);
    const shadow = pick(request.shadow);
    const reading = readStrip(defaultPaper, {
      patchSeconds: request.patchSeconds,
      set: contrastSet(request.contrastSetId),
      settingId: request.settingId,
      ...(highlight && { highlight }),
      ...(shadow && { shadow }),
      wantedStops: request.wantedStops,
    });
    const bracket = (read: typeof reading.highlight) =>
      read && {
        seconds: read.seconds,
        lowSeconds: read.lowSeconds,
        highSeconds: read.highSeconds,
      };
    return {
      settingId: reading.setting.id,
      seconds: reading.seconds,
      lowSeconds: reading.lowSeconds,
      highSeconds: reading.highSeconds,
      withinStops: reading.withinStops,
      verdict: reading.verdict,
      highlight: bracket(reading.highlight),
      shadow: bracket(reading.shadow),
      nextStrip: { ...reading.nextStrip },
    };
  },
});
