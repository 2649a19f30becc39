import {
  certainties,
  highlightTones,
  lampSwitches,
  shadowTones,
  sheetExtras,
} from '@katachron/core';
import Type, { type Static } from 'typebox';
import { instantMs, oneOf, orNull, text, typed } from '../../kit/fields.ts';
import { paperSizes } from '../paper/sizes.ts';
import { MOST_AREAS, MOST_SHEETS } from '../print/limits.ts';
import { howRead } from '../print/readings.ts';
import { ShownPicture, outlineId } from '../picture/contract.ts';
import { TestPaper } from '../print/test-paper.ts';
import { Change, GivenFiring, Sheet, Version, howArea } from '../print/sheet.ts';
import {
  MOST_COPIES,
  MOST_PIECES,
  MOST_SPOTS,
  MOST_STRIPS,
  firedThings,
  pieceKinds,
  proofThings,
  twoThings,
  colourThings,
} from './limits.ts';
import {
  Lamp,
  StripChoices,
  again,
  contrastSetId,
  settingId,
  toneId,
  way,
  Pick,
} from '../strip/contract.ts';

/** The set-up in which a strip was made. */
const mark = Type.Optional(Type.String({ maxLength: 8 }));
const lengthMm = Type.Optional(Type.Number({ exclusiveMinimum: 0, maximum: 100_000 }));
const SetupThen = Type.Object(
  {
    head: text('The head height', 40),
    paper: text('The paper', 80),
    negativeLength: lengthMm,
    printLength: lengthMm,
    aperture: lengthMm,
    distance: lengthMm,
    paperSpeed: lengthMm,
    enlarger: mark,
    lens: mark,
    developer: mark,
  },
  { additionalProperties: false },
);

/** A strip made earlier in this print session. */
const EarlierStrip = Type.Object(
  {
    /** The set that its setting is one of; that of the print unless said. */
    contrastSetId: Type.Optional(contrastSetId),
    settingId,
    choices: StripChoices,
    lamp: Lamp,
    highlight: orNull<Pick>(Pick),
    shadow: orNull<Pick>(Pick),
    setup: Type.Optional(SetupThen),
    way,
    again,
  },
  { additionalProperties: false },
);

const position = orNull<number>(Type.Number({ minimum: -1, maximum: 15, multipleOf: 0.5 }));

const pairStrip = Type.Object(
  {
    /** In fractions of a stop unless said. */
    kind: Type.Optional(StripChoices.properties.kind),
    first: typed,
    step: typed,
    patches: typed,
    picked: position,
  },
  { additionalProperties: false },
);

/** A soft and a hard exposure, found by a strip each. */
const PairDraft = Type.Object(
  {
    order: oneOf(['soft-first', 'hard-first'] as const, 'Which exposure comes first'),
    softId: settingId,
    hardId: settingId,
    /** In the order in which they are made. */
    strips: Type.Tuple([pairStrip, pairStrip]),
  },
  { additionalProperties: false },
);
export type PairDraft = Static<typeof PairDraft>;

/** The two strips that find the threshold of a flash, and what is made of it. */
const FlashTest = Type.Object(
  {
    clear: typed,
    toned: typed,
    picked: orNull<number>(Type.Integer({ minimum: 0, maximum: 14 })),
    share: oneOf(['70', '80', '90', '100', '120'] as const, 'The share of the threshold'),
    where: oneOf(['overall', 'masked'] as const, 'Where the flash goes'),
  },
  { additionalProperties: false },
);
export type FlashTest = Static<typeof FlashTest>;

const spot = Type.Object(
  { name: typed, reading: typed, tone: toneId },
  { additionalProperties: false },
);
/** Its tone is the print's own; older drafts have another one here, which says nothing. */
const aimedAt = Type.Object(
  { name: typed, reading: typed, tone: Type.Optional(toneId) },
  { additionalProperties: false },
);

/** Places of the picture that were read by a probe or a densitometer, and a print that was right. */
const ReadingsDraft = Type.Object(
  {
    ...howRead,
    highlight: aimedAt,
    shadow: aimedAt,
    others: Type.Array(spot, { maxItems: MOST_SPOTS }),
    /** Where a probe read: its light is of that set-up alone. */
    setup: Type.Optional(SetupThen),
    /** They are kept, and count for nothing. */
    leftOut: Type.Optional(Type.Boolean()),
    known: Type.Object(
      { reading: typed, tone: toneId, seconds: typed, settingId },
      { additionalProperties: false },
    ),
  },
  { additionalProperties: false },
);
export type ReadingsDraft = Static<typeof ReadingsDraft>;

/** Paper under the enlarger: what it is to get, firing for firing, and what it has got. */
const Firing = Type.Object(
  {
    what: oneOf([...firedThings, ...proofThings, ...twoThings, ...colourThings], 'What is fired'),
    dialSeconds: Type.Array(Type.Number({ minimum: 0, maximum: 86_400 }), { maxItems: 200 }),
    /** The firing that is next, or lit. */
    at: Type.Integer({ minimum: 0, maximum: 200 }),
    given: Type.Array(GivenFiring, { maxItems: 200 }),
    /** When its lamp was lit, while it is. */
    litAtMs: Type.Optional(instantMs('When the lamp was lit')),
    /** What a firing that was stopped still lacks, s. */
    lacking: Type.Optional(Type.Number({ minimum: 0, maximum: 86_400 })),
    /** The sheet that it will be: known from its first light on, so that two pages that see it end write down one. */
    sheetId: Type.Optional(Type.String({ format: 'uuid' })),
    /** Of several copies in one go: the sheets that lie exposed in the dark, and how many of all are in the developer. */
    made: Type.Optional(Type.Array(Type.String({ format: 'uuid' }), { maxItems: MOST_COPIES })),
    laid: Type.Optional(Type.Integer({ minimum: 0, maximum: MOST_COPIES })),
  },
  { additionalProperties: false },
);
export type Firing = Static<typeof Firing>;

/** A print as it is being worked out: what was typed, and what was picked. */
export const PrintDraft = Type.Object(
  {
    title: text('The name of the print', 120),
    negative: text('The negative', 80),
    enlarger: text('The enlarger', 80),
    lens: text('The lens and aperture', 80),
    head: text('The head height', 40),
    paper: text('The paper', 80),
    developer: Type.Optional(text('The developer', 80)),
    /** A length on the negative and the same on the paper, mm; f-number; distance of a bare lamp, cm. */
    negativeLength: Type.Optional(typed),
    printLength: Type.Optional(typed),
    aperture: Type.Optional(typed),
    distance: Type.Optional(typed),
    contrastSetId,
    settingId,
    lag: typed,
    /** The lag that the strip on the page was dialled with, where another was written down since. */
    stripLag: Type.Optional(typed),
    timerStep: typed,
    kind: StripChoices.properties.kind,
    method: StripChoices.properties.method,
    first: typed,
    step: typed,
    patches: typed,
    highlight: position,
    highlightTone: oneOf(highlightTones, 'The highlight’s tone'),
    shadow: position,
    shadowTone: oneOf(shadowTones, 'The shadow’s tone'),
    /** Further looks at the strip on the page. */
    again,
    /** Another contrast beside it on the same sheet, with firings of its own. */
    beside: Type.Optional(
      Type.Object(
        {
          settingId,
          first: typed,
          step: typed,
          patches: typed,
          highlight: position,
          shadow: position,
          again,
        },
        { additionalProperties: false },
      ),
    ),
    pair: Type.Optional(PairDraft),
    readings: Type.Optional(ReadingsDraft),
    flashTest: Type.Optional(FlashTest),
    /** Two contrasts on the next strip, where they help. */
    sideBySide: Type.Optional(Type.Boolean()),
    /** Which place the strip lies along, where each has a strip of its own. */
    along: Type.Optional(oneOf(['highlight', 'shadow'] as const, 'What the strip lies along')),
    /** How strips are looked at. */
    lookedAt: way,
    /** What dry prints on this paper were darker than their wet strips is taken off the time. */
    dryDown: Type.Optional(Type.Boolean()),
    /** Prints that are no evidence, though they were made in this set-up. */
    leftOut: Type.Optional(Type.Array(Type.String({ maxLength: 40 }), { maxItems: 100 })),
    certainty: oneOf(
      certainties.map(({ id }) => id),
      'How sure to be',
    ),
    /** The pair that the answer is split into, and a flash in per cent of the threshold, where they are wanted. */
    split: Type.Optional(
      Type.Object({ soft: settingId, hard: settingId }, { additionalProperties: false }),
    ),
    flash: Type.Optional(typed),
    /** What the plan is drawn on. */
    picture: Type.Optional(ShownPicture),
    outline: Type.Optional(outlineId),
    /** Small strips over one area each, that are made or under way. */
    pieces: Type.Optional(
      Type.Array(
        Type.Object(
          {
            area: Type.Integer({ minimum: 0, maximum: MOST_AREAS - 1 }),
            kind: oneOf(
              pieceKinds.map(({ id }) => id),
              'What its thirds differ by',
            ),
          },
          { additionalProperties: false },
        ),
        { maxItems: MOST_PIECES },
      ),
    ),
    testPaper: Type.Optional(TestPaper),
    /** So many hands hold back at a time. */
    hands: Type.Optional(oneOf(['one', 'two'] as const, 'The hands')),
    /** A black border, its light in seconds. */
    keyLine: Type.Optional(typed),
    /** The flash comes after the rest. */
    flashAfter: Type.Optional(Type.Boolean()),
    /** What switches the lamp, and whether the print is given in the strip's own firings. */
    lampBy: Type.Optional(
      oneOf(
        lampSwitches.map(({ id }) => id),
        'What switches the lamp',
      ),
    ),
    asFired: Type.Optional(Type.Boolean()),
    /** What sheets were exposed to, and the sheets. */
    versions: Type.Optional(
      Type.Array(Version, { maxItems: MOST_SHEETS, uniqueItemProperties: ['number'] }),
    ),
    sheets: Type.Optional(
      Type.Array(Sheet, { maxItems: MOST_SHEETS, uniqueItemProperties: ['id'] }),
    ),
    /** When it was taken up again from its record: sheets of before are no sheets of now. */
    takenUpAtMs: Type.Optional(instantMs('When it was taken up')),
    /** The size of the sheets, and the baths they go through, by place, where they are not those that would be taken. */
    paperSize: Type.Optional(
      oneOf(
        paperSizes.map(({ id }) => id),
        'The size of the paper',
      ),
    ),
    through: Type.Optional(
      Type.Record(Type.String({ maxLength: 20 }), Type.String({ maxLength: 40 }), {
        maxProperties: 14,
      }),
    ),
    /** Trays that a print goes through besides the usual ones. */
    also: Type.Optional(
      Type.Array(
        oneOf(
          sheetExtras.map(({ id }) => id),
          'A tray besides',
        ),
        { maxItems: sheetExtras.length, uniqueItems: true },
      ),
    ),
    /** What is wanted otherwise than the strips say. */
    change: Type.Optional(Change),
    /** So many sheets are exposed before the first goes into the developer. */
    copies: Type.Optional(Type.Integer({ minimum: 1, maximum: MOST_COPIES })),
    /** Paper that is being fired: what it has got so far. */
    firing: Type.Optional(Firing),
    /** Prints made before this are no evidence any more. */
    forgetBeforeMs: Type.Optional(instantMs('Forget before')),
    earlier: Type.Array(EarlierStrip, { maxItems: MOST_STRIPS }),
    areas: Type.Array(
      Type.Object(
        {
          name: text('The area', 60),
          stops: typed,
          ...howArea,
          /** The lens is opened for it by so many stops. */
          wider: Type.Optional(typed),
        },
        { additionalProperties: false },
      ),
      { maxItems: MOST_AREAS },
    ),
  },
  { additionalProperties: false },
);
export type PrintDraft = Static<typeof PrintDraft>;
