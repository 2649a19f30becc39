import { defaultPaper, printPicture, toneById, highlightTones } from '@katachron/core';
import Type from 'typebox';
import { count, isoRange, oneOf, stops } from '../../kit/fields.ts';
import { Shape } from '../../nouns/picture/contract.ts';
import { USUAL_SOFT, pictureKinds } from '../../nouns/picture/kinds.ts';
import { MOST_AREAS } from '../../nouns/print/limits.ts';
import { operation } from './operation.ts';

/** A larger one is put as a picture, and shown by its print. */
const LONGEST = 320;
const side = (title: string) => count(title, LONGEST, 1);
const code = (title: string) => Type.Optional(count(title, 255, 1));

const bytesOf = (base64: string) => new Uint8Array(Buffer.from(base64, 'base64'));
const textOf = (bytes: Uint8Array) => Buffer.from(bytes).toString('base64');

export const pictureOperation = operation({
  id: 'picture',
  summary:
    'A small grey picture as the paper would show it with a plan, and where nothing is known',
  request: Type.Object(
    {
      width: side('The width'),
      height: side('The height'),
      codes: Type.String({
        title: 'The tones',
        maxLength: 140_000,
        pattern: '^[A-Za-z0-9+/]*={0,2}$',
        description: 'sRGB codes of eight bits, row by row from the top left, in base64',
      }),
      of: oneOf(
        pictureKinds.map(({ id }) => id),
        'What it is of',
      ),
      whiteCode: code('The code of paper white, or of clear film'),
      highlightCode: code('The code of a negative’s highlight'),
      highlightTone: Type.Optional(oneOf(highlightTones, 'The tone of a negative’s highlight')),
      madeAtRange: Type.Optional(isoRange('The range of the straight print')),
      range: isoRange('The range of the print'),
      baseStops: Type.Optional(stops('What the whole sheet gets more')),
      flash: Type.Optional(
        Type.Object(
          {
            share: Type.Number({
              ...{ title: 'The flash', minimum: 0, maximum: 2 },
              description: 'of its threshold',
            }),
            range: isoRange('The range of its light'),
          },
          { title: 'A flash', additionalProperties: false },
        ),
      ),
      areas: Type.Array(
        Type.Object(
          {
            shape: Shape,
            stops: stops('The burn or dodge'),
            soft: Type.Optional(
              Type.Number({ title: 'The softness', minimum: 0, maximum: 1, description: 'widths' }),
            ),
          },
          { title: 'An area', additionalProperties: false },
        ),
        { title: 'The areas', maxItems: MOST_AREAS },
      ),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    codes: Type.String(),
    unknown: Type.String({ description: '1 for each pixel of which nothing is known' }),
    whiteCode: Type.Number(),
  }),
  example: {
    request: {
      ...{ width: 2, height: 1, codes: textOf(new Uint8Array([172, 200])), of: 'print' },
      ...{ whiteCode: 236, range: 100 },
      areas: [
        {
          shape: { kind: 'edge', x1: 0.5, y1: 0, x2: 0.5, y2: 1 },
          ...{ stops: 2 / 3, soft: 0 },
        },
      ],
    },
    response: {
      codes: textOf(new Uint8Array([126, 200])),
      unknown: textOf(new Uint8Array([0, 0])),
      whiteCode: 236,
    },
  },
  run: ({ width, height, codes, highlightTone = 'VIII', baseStops = 0, areas, ...about }) => {
    const tones = { codes: bytesOf(codes), width, height };
    const shown = printPicture(defaultPaper, tones, {
      ...about,
      baseStops,
      areas: areas.map(({ soft = USUAL_SOFT, ...area }) => ({ ...area, soft })),
      highlightDensity: toneById(highlightTone).netDensity,
    });
    return {
      codes: textOf(shown.codes),
      unknown: textOf(shown.unknown),
      whiteCode: shown.white,
    };
  },
});
