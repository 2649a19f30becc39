import {
  burnOrDodge,
  contrastSet,
  curveForRange,
  defaultPaper,
  keepTone,
  planStrip,
  certainties,
  readPrint,
  settingOf,
  toneById,
  toneRange,
  type PrintReading,
  type ToneId,
} from '@katachron/core';
import type { PrintBody } from '../../nouns/print/contract.ts';

interface PrintSeed {
  readonly id: string;
  readonly body: PrintBody;
}

interface Printed {
  readonly title: string;
  readonly negative: string;
  readonly paper: string;
  readonly head: string;
  readonly at: string;
  /** Setting of each strip, its first exposure in s, and the patches picked. */
  readonly strips: readonly (readonly [string, number, number | null, number | null])[];
  readonly areas: readonly (readonly [string, number])[];
  readonly note: string;
  /** A probe lay on the baseboard before the first strip. */
  readonly probed?: true;
  /** How much too dark it was when dry, stops. */
  readonly dryStops?: number;
}

const lamp = { lagSeconds: 0.2, timerStepSeconds: 0.1 };
const highlightTone: ToneId = 'VIII';
const shadowTone: ToneId = 'II';

/** Prints made from the winter's negatives. */
const made: readonly Printed[] = [
  {
    title: 'Yard in snow',
    negative: 'R-112 / 7',
    paper: 'Marrow fibre',
    head: '38.5 cm',
    at: '2026-02-21T14:10:00Z',
    strips: [
      ['2', 4, 2, 3],
      ['2.5', 4.2, 2, 2],
    ],
    areas: [
      ['sky', 1 / 2],
      ['wall', -1 / 4],
    ],
    probed: true,
    note: 'Dry, the sky is where it should be.',
    dryStops: 1 / 12,
  },
  {
    title: 'Blowpipes, rack by the door',
    negative: 'R-121 / 22',
    paper: 'Wharf pearl',
    head: '35.0 cm',
    at: '2026-03-07T10:30:00Z',
    strips: [['3', 5, 3, 3]],
    areas: [],
    note: '',
  },
  {
    title: 'Ilse gathering',
    negative: 'R-121 / 9',
    paper: 'Marrow fibre',
    head: '41.0 cm',
    at: '2026-10-17T15:45:00Z',
    strips: [
      ['2', 5, 4, 5.5],
      ['3', 9, 2, 2.5],
    ],
    areas: [
      ['hands', -1 / 4],
      ['window', 1],
    ],
    probed: true,
    note: 'The window wants a softer edge.',
    dryStops: 1 / 6,
  },
  {
    title: 'Furnace hall, night shift',
    negative: 'R-118 / 14',
    paper: 'Marrow fibre',
    head: '41.0 cm',
    at: '2026-11-21T20:15:00Z',
    strips: [['2', 5, 3, 4]],
    areas: [
      ['glory hole', -1 / 3],
      ['roof', 2 / 3],
      ['corners', 1 / 2],
    ],
    probed: true,
    note: 'Third version, the one for the canteen wall.',
  },
];

/** The light of a place that needs 1 s at filter 2 under the tall enlarger, as the probe reads it, log10. */
const PROBE_AT_ONE_SECOND = -0.42;

/** What the probe read of a negative, from what its strips came to. */
function readOf({ setting, seconds, wantedRange }: PrintReading): PrintBody['readings'] {
  const [light, dark] = [highlightTone, shadowTone].map((tone) => toneById(tone).netDensity);
  const atTwo = keepTone(
    defaultPaper,
    setting,
    settingOf(contrastSet('filters'), '2'),
    seconds,
    light!,
  );
  const highlight = PROBE_AT_ONE_SECOND - Math.log10(atTwo);
  const shadow =
    highlight + toneRange(curveForRange(defaultPaper, wantedRange), light!, dark!) / 100;
  const at = (log: number, tone: ToneId) => ({ reading: Number(log.toFixed(2)), tone });
  return {
    scale: 'light',
    highlight: at(highlight, highlightTone),
    shadow: at(shadow, shadowTone),
    others: [],
  };
}

function seed(print: Printed, index: number): PrintSeed {
  const strips = print.strips.map(([settingId, firstSeconds, highlight, shadow]) => {
    const choices = {
      kind: 'stops',
      method: 'cover-up',
      firstSeconds,
      step: 1 / 3,
      patches: 7,
    } as const;
    return {
      settingId,
      choices,
      patchSeconds: planStrip(choices, lamp).patches.map((patch) => patch.givenSeconds),
      highlight: highlight === null ? null : { position: highlight, tone: highlightTone },
      shadow: shadow === null ? null : { position: shadow, tone: shadowTone },
    };
  });
  // The print was made at what its strips said together.
  const reading = readPrint({
    paper: defaultPaper,
    set: contrastSet('filters'),
    highlightDensity: toneById(highlightTone).netDensity,
    shadowDensity: toneById(shadowTone).netDensity,
    lamp,
    strips: strips.map(({ settingId, choices, highlight, shadow }) => ({
      ...{ settingId, choices, lamp },
      ...(highlight && { highlight: highlight.position }),
      ...(shadow && { shadow: shadow.position }),
    })),
    earlier: [],
    wanted: certainties[1],
    mostParts: 1,
  });
  const id = `7c1d4b60-52e8-4f3a-9000-${String(index + 1).padStart(12, '0')}`;
  const filter = `filter ${reading.setting.name}`;
  const dial = (light: number) => Number((light + lamp.lagSeconds).toFixed(1));
  const firings = [
    { hands: 'Whole sheet', filter, seconds: dial(reading.seconds) },
    ...print.areas
      .filter(([, stops]) => stops > 0)
      .map(([name, stops]) => ({
        hands: `Burn ${name}, card with a hole moving`,
        filter,
        seconds: dial(burnOrDodge(reading.seconds, stops)),
      })),
  ];
  return {
    id,
    body: {
      title: print.title,
      setup: {
        negative: print.negative,
        enlarger: 'the tall enlarger',
        lens: '80 mm at f/8',
        head: print.head,
        paper: print.paper,
        contrastSetId: 'filters',
        lamp,
      },
      strips,
      ...(print.probed && { readings: readOf(reading) }),
      versions: [
        {
          number: 1,
          settingId: reading.setting.id,
          seconds: reading.seconds,
          range: reading.setting.range,
          withinStops: reading.withinStops,
          dialSeconds: firings.map((firing) => firing.seconds),
          areas: print.areas.map(([name, stops]) => ({ name, stops })),
        },
      ],
      sheets: [
        {
          id,
          version: 1,
          exposedAtMs: Date.parse(print.at),
          switchedBy: 'own-timer',
          firings,
          verdict: {
            ...(print.dryStops !== undefined && { highlightStops: print.dryStops }),
            ...{ blacks: 'full', contrast: 'right' },
          },
        },
      ],
      note: print.note,
      madeAtMs: Date.parse(print.at),
    },
  };
}

export const demoPrints: readonly PrintSeed[] = made.map(seed);
