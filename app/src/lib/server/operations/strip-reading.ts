import {
  certainties,
  contrastSet,
  defaultPaper,
  readPrint,
  readingScales,
  toneById,
  type ProbeReadings,
  type SessionStrip,
} from '@katachron/core';
import Type, { type Static } from 'typebox';
import { oneOf, orNull, seconds } from '../../kit/fields.ts';
import { MOST_STRIPS } from '../../nouns/in-hand/limits.ts';
import {
  Lamp,
  StripChoices,
  contrastSetId,
  pickPosition,
  settingId,
  toneId,
  way,
} from '../../nouns/strip/contract.ts';
import { operation } from './operation.ts';

const StripSeen = Type.Object(
  {
    settingId,
    choices: StripChoices,
    lamp: Type.Optional(Lamp),
    highlight: Type.Optional(pickPosition),
    shadow: Type.Optional(pickPosition),
    way,
    worth: Type.Optional(
      Type.Number({
        title: 'What a second of then is worth now',
        exclusiveMinimum: 0,
        maximum: 1000,
      }),
    ),
    doubtStops: Type.Optional(
      Type.Number({ title: 'The doubt of a conversion', minimum: 0, maximum: 10 }),
    ),
  },
  { title: 'A strip with what was picked on it', additionalProperties: false },
);

const logLight = (title: string) => Type.Number({ title, minimum: -10, maximum: 10 });

const Readings = Type.Object(
  {
    by: oneOf(
      readingScales.map(({ id }) => id),
      'What was read',
    ),
    scale: Type.String({
      title: 'The scale',
      maxLength: 200,
      description: 'Readings of the same scale share a constant',
    }),
    highlightLog: logLight('The light at the highlight'),
    shadowLog: logLight('The light at the shadow'),
    right: Type.Optional(
      Type.Object(
        {
          logLight: logLight('The light of a place'),
          tone: toneId,
          dialSeconds: seconds('What one firing dialled'),
          settingId,
        },
        { title: 'A print that was right', additionalProperties: false },
      ),
    ),
  },
  {
    title: 'What was read of the negative',
    additionalProperties: false,
    description: 'log10 of light; minus the density for a reading of the negative',
  },
);

const EarlierPrint = Type.Object(
  {
    readings: Type.Optional(Readings),
    highlightTone: toneId,
    shadowTone: toneId,
    lamp: Lamp,
    strips: Type.Array(StripSeen, { minItems: 1, maxItems: MOST_STRIPS }),
  },
  { title: 'A print made before in the same set-up', additionalProperties: false },
);

const pickReading = orNull<{ seconds: number; lowSeconds: number; highSeconds: number }>(
  Type.Object({
    seconds: Type.Number(),
    lowSeconds: Type.Number(),
    highSeconds: Type.Number(),
  }),
);

const sample = {
  settingId: '2',
  choices: { kind: 'stops', method: 'separate', firstSeconds: 4, step: 0.5, patches: 7 },
  highlight: 3,
  shadow: 3,
} as const;

export const stripReadingOperation = operation({
  id: 'strip-reading',
  summary: 'Time, contrast, certainty and what to do next, from all the strips of a print',
  request: Type.Object(
    {
      contrastSetId,
      highlightTone: toneId,
      shadowTone: toneId,
      lamp: Lamp,
      strips: Type.Array(StripSeen, {
        title: 'The strips, in the order in which they were made',
        minItems: 1,
        maxItems: MOST_STRIPS + 2,
      }),
      earlier: Type.Optional(
        Type.Array(EarlierPrint, { title: 'Earlier prints, oldest first', maxItems: 100 }),
      ),
      readings: Type.Optional(Readings),
      /** How the next strip will be looked at. */
      way,
      certainty: oneOf(
        certainties.map(({ id }) => id),
        'How sure to be',
      ),
      sideBySide: Type.Optional(Type.Boolean({ title: 'Two contrasts on the next strip' })),
    },
    { title: 'The question', additionalProperties: false },
  ),
  response: Type.Object({
    settingId: Type.String(),
    seconds: seconds('The exposure'),
    lowSeconds: Type.Number(),
    highSeconds: Type.Number(),
    withinStops: Type.Number(),
    /** What the time’s ± is made of, largest first: by how much less it would be were that known, stops. */
    budget: Type.Array(Type.Object({ source: Type.String(), stops: Type.Number() })),
    withinRange: Type.Number(),
    wantedRange: Type.Number(),
    verdict: Type.String(),
    noGain: orNull<string>(Type.String()),
    beyond: orNull<string>(Type.String()),
    fault: orNull<string>(Type.String()),
    formulaRange: orNull<number>(Type.Number()),
    highlight: pickReading,
    shadow: pickReading,
    misread: Type.Number(),
    /** How probable it is that the paper is of another box, and the first earlier print that was on it. */
    anotherBox: Type.Number(),
    boxAt: orNull<number>(Type.Integer()),
    odd: Type.Array(
      Type.Object({ strip: Type.Integer(), place: Type.String(), stops: Type.Number() }),
    ),
    next: Type.Array(
      Type.Object({
        settingId: Type.String(),
        firstSeconds: Type.Number(),
        stepStops: Type.Number(),
        patches: Type.Integer(),
      }),
    ),
    separately: Type.Boolean(),
  }),
  example: {
    request: {
      contrastSetId: 'filters',
      highlightTone: 'VIII',
      shadowTone: 'II',
      lamp: { lagSeconds: 0.2, timerStepSeconds: 0.1 },
      strips: [sample],
      certainty: 'look',
    },
    response: {
      settingId: '2',
      seconds: 11.306149052191484,
      lowSeconds: 9.408705734272774,
      highSeconds: 13.586247673230124,
      withinStops: 0.2650394377455515,
      budget: [
        { source: 'eye', stops: 0.265017 },
        { source: 'settings', stops: 0.003149 },
        { source: 'paper', stops: 0.001072 },
        { source: 'timer', stops: 0.00095 },
        { source: 'lag', stops: 2.1e-5 },
      ],
      withinRange: 14.437491202050424,
      wantedRange: 110.00183162028976,
      verdict: 'make-print',
      noGain: null,
      beyond: null,
      fault: null,
      formulaRange: 110,
      highlight: {
        seconds: 11.3,
        lowSeconds: 9.507891459203769,
        highSeconds: 13.446189051177289,
      },
      shadow: { seconds: 11.3, lowSeconds: 9.507891459203769, highSeconds: 13.446189051177289 },
      misread: 0,
      anotherBox: 0,
      boxAt: null,
      odd: [],
      next: [],
      separately: false,
    },
  },
  run: (request) => {
    const { lamp } = request;
    const strip = ({ lamp: own, ...rest }: Static<typeof StripSeen>): SessionStrip => ({
      ...rest,
      lamp: own ?? lamp,
    });
    const tones = (asked: {
      highlightTone: typeof request.highlightTone;
      shadowTone: typeof request.shadowTone;
    }) => ({
      highlightDensity: toneById(asked.highlightTone).netDensity,
      shadowDensity: toneById(asked.shadowTone).netDensity,
    });
    const read = (of: Static<typeof Readings>): ProbeReadings => {
      const { right, ...rest } = of;
      if (!right) return rest;
      const { tone, ...known } = right;
      return { ...rest, right: { ...known, netDensity: toneById(tone).netDensity } };
    };
    const reading = readPrint({
      paper: defaultPaper,
      set: contrastSet(request.contrastSetId),
      ...tones(request),
      lamp,
      strips: request.strips.map(strip),
      ...(request.way && { way: request.way }),
      ...(request.readings && { readings: read(request.readings) }),
      earlier: (request.earlier ?? []).map((print) => ({
        ...tones(print),
        lamp: print.lamp,
        strips: print.strips.map((one) => strip({ lamp: print.lamp, ...one })),
        ...(print.readings && { readings: read(print.readings) }),
      })),
      wanted: certainties.find(({ id }) => id === request.certainty)!,
      mostParts: request.sideBySide ? 2 : 1,
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
      budget: reading.budget.map((part) => ({ ...part })),
      withinRange: reading.withinRange,
      wantedRange: reading.wantedRange,
      verdict: reading.verdict,
      noGain: reading.noGain,
      beyond: reading.beyond,
      fault: reading.fault?.sentence ?? null,
      formulaRange: reading.alone?.formulaRange ?? null,
      highlight: bracket(reading.highlight),
      shadow: bracket(reading.shadow),
      misread: reading.misread,
      anotherBox: reading.anotherBox,
      boxAt: reading.boxAt,
      odd: reading.odd.map(({ strip: index, place, stops }) => ({ strip: index, place, stops })),
      next: reading.next.map((part) => ({ ...part })),
      separately: reading.separately,
    };
  },
});
