import Type, { type Static } from 'typebox';
import { instantMs, oneOf, seconds, text, uuid, version } from '../../kit/fields.ts';
import { contrastSetId, settingId } from '../strip/contract.ts';

/** What a strip can settle for a whole set-up, once. */
export const findingKinds = ['maximum-black', 'flash-threshold'] as const;
export type FindingKind = (typeof findingKinds)[number];

/** A time that was found by a strip and holds for its set-up, until that changes. */
export const FindingBody = Type.Object(
  {
    name: text('The name of the finding', 120, 1),
    kind: oneOf(findingKinds, 'What was found'),
    seconds: seconds('The time'),
    setup: Type.Object(
      {
        enlarger: text('The enlarger', 80),
        lens: text('The lens and aperture', 80),
        head: text('The head height', 40),
        paper: text('The paper', 80),
        developer: text('The developer', 80),
        /** The film base that black was judged through; empty where none lay in the light. */
        film: text('The film base', 80),
        contrastSetId,
        settingId,
      },
      { title: 'The set-up', additionalProperties: false },
    ),
    foundAtMs: instantMs('When it was found'),
  },
  { title: 'A finding', additionalProperties: false },
);
export type FindingBody = Static<typeof FindingBody>;

export const Finding = Type.Object(
  { id: uuid('The id'), version, ...FindingBody.properties },
  { title: 'A finding', additionalProperties: false },
);
export type Finding = Static<typeof Finding>;

export const findingExample: FindingBody = {
  name: 'Black through Halden 400 on Wharf pearl',
  kind: 'maximum-black',
  seconds: 7.1,
  setup: {
    enlarger: 'the tall enlarger',
    lens: '80 mm at f/8',
    head: '41.0 cm',
    paper: 'Wharf pearl',
    developer: 'Quillow paper 1+9',
    film: 'Halden 400',
    contrastSetId: 'filters',
    settingId: '2',
  },
  foundAtMs: 1_768_600_000_000,
};
