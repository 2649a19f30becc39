import { lampSwitches, planTools, tones } from '@katachron/core';
import Type, { type Static, type TSchema } from 'typebox';
import { count, instantMs, isoRange, oneOf, seconds, stops, text, uuid } from '../../kit/fields.ts';
import { PaperThrough } from '../bath/through.ts';
import { Shape } from '../picture/contract.ts';
import { settingId } from '../strip/contract.ts';
import type { SaidLater } from './said-later.ts';
import { MOST_AREAS, MOST_EDITION, MOST_SHEETS } from './limits.ts';

const number = Type.Integer({
  title: 'The number of the version',
  minimum: 1,
  maximum: MOST_SHEETS,
});

/** How an area is burned or held back, where it is another way than usual. */
export const howArea = {
  /** What it is burned in. */
  settingId: Type.Optional(settingId),
  /** The tone that it takes. */
  tone: Type.Optional(
    oneOf(
      tones.map(({ id }) => id),
      'The tone that it takes',
    ),
  ),
  tool: Type.Optional(
    oneOf(
      planTools.map(({ id }) => id),
      'The tool',
    ),
  ),
  /** Where it lies on the picture, and over how wide a rim it fades, in widths of it. */
  shape: Type.Optional(Shape),
  soft: Type.Optional(Type.Number({ title: 'The softness', minimum: 0, maximum: 1 })),
};

/** What an area gets, and how. */
export const areaGiven = {
  stops: stops('The burn or dodge'),
  ...howArea,
  widerStops: Type.Optional(
    Type.Number({ title: 'By how much the lens is opened', minimum: 0, maximum: 8 }),
  ),
};

/** What a printer wants otherwise than the strips say, after a sheet was seen dry. */
export const Change = Type.Object(
  {
    /** On the whole sheet: darker where positive. */
    stops: Type.Number({ title: 'The change of exposure', minimum: -4, maximum: 4 }),
    /** So many settings of the set harder; softer where negative. */
    settings: Type.Integer({ title: 'The change of contrast', minimum: -10, maximum: 10 }),
    /** The mark of the sheet that asked for it. */
    by: text('The sheet that asked for it', 8),
  },
  { title: 'A change', additionalProperties: false },
);
export type Change = Static<typeof Change>;

/** An answer that a sheet was exposed to. Another time, filter, burn or dodge is another version. */
export const Version = Type.Object(
  {
    number,
    settingId,
    seconds: seconds('The exposure'),
    range: isoRange('The paper’s range'),
    withinStops: Type.Number({ title: 'The certainty', minimum: 0, maximum: 10 }),
    /** Firing for firing as it was to be dialled; empty where nobody wrote it down. */
    dialSeconds: Type.Array(Type.Number({ minimum: 0, maximum: 86_400 }), {
      title: 'What was to be dialled',
      maxItems: 200,
    }),
    areas: Type.Array(
      Type.Object(
        { name: text('The area', 60, 1), ...areaGiven },
        { title: 'An area', additionalProperties: false },
      ),
      { title: 'The areas', maxItems: MOST_AREAS },
    ),
    /** Given as two exposures. */
    split: Type.Optional(
      Type.Array(
        Type.Object(
          { settingId, seconds: Type.Number({ title: 'The time', minimum: 0, maximum: 86_400 }) },
          { title: 'An exposure', additionalProperties: false },
        ),
        { title: 'The pair', minItems: 2, maxItems: 2 },
      ),
    ),
    /** Flashed before, with so much of the threshold. */
    flashShare: Type.Optional(
      Type.Number({ title: 'The flash, of its threshold', minimum: 0, maximum: 2 }),
    ),
    /** A black border of its own light, s. */
    keyLineSeconds: Type.Optional(seconds('The key line')),
    /** What was wanted otherwise than the strips said. */
    change: Type.Optional(Change),
    /** What dries darker was taken off the time. */
    dryDown: Type.Optional(Type.Boolean({ title: 'Dry-down taken off' })),
    dryDownStops: Type.Optional(stops('How much was taken off for drying')),
  },
  { title: 'A version', additionalProperties: false },
);
export type Version = Static<typeof Version>;

/** Light that a sheet really got. */
export const GivenFiring = Type.Object(
  {
    hands: text('What the hands did', 300),
    filter: text('The filter', 60),
    seconds: Type.Number({
      title: 'The light',
      minimum: 0,
      maximum: 86_400,
      description: 's dialled',
    }),
  },
  { title: 'A firing', additionalProperties: false },
);
export type GivenFiring = Static<typeof GivenFiring>;

export const blackVerdicts = ['full', 'thin', 'blocked'] as const;
export const contrastVerdicts = ['right', 'too-soft', 'too-hard'] as const;

/** What a sheet looks like dry. */
export const Verdict = Type.Object(
  {
    /** Its highlight is so much darker (positive) or lighter than wanted. */
    highlightStops: Type.Optional(stops('The highlight, dry')),
    blacks: Type.Optional(oneOf(blackVerdicts, 'The blacks')),
    contrast: Type.Optional(oneOf(contrastVerdicts, 'The contrast')),
    marks: Type.Optional(text('Marks on it', 500)),
  },
  { title: 'A verdict', additionalProperties: false },
);
export type Verdict = Static<typeof Verdict>;

/** What switched the lamp. */
export const switchedBy = oneOf(
  lampSwitches.map(({ id }) => id),
  'What switched the lamp',
);

/** What the logbook alone says of a sheet, once it is dry. */
const saidOfASheet = {
  verdict: Type.Optional(Verdict),
  /** Its number in the edition. */
  copy: Type.Optional(count('The number of the copy', MOST_EDITION, 1)),
  went: Type.Optional(text('Where it went', 120, 1)),
  toned: Type.Optional(text('How it was toned', 80, 1)),
} satisfies Record<SaidLater, TSchema>;

/** A piece of paper that was exposed. */
export const Sheet = Type.Object(
  {
    id: uuid('The id'),
    version: number,
    exposedAtMs: instantMs('When it was exposed'),
    /** What switched the lamp; not there where nobody wrote it down. */
    switchedBy: Type.Optional(switchedBy),
    firings: Type.Array(GivenFiring, { title: 'Its firings', maxItems: 200 }),
    ...saidOfASheet,
    baths: Type.Optional(PaperThrough),
  },
  { title: 'A sheet', additionalProperties: false },
);
export type Sheet = Static<typeof Sheet>;
