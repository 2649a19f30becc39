import {
  STOP_IN_LOG,
  convertSetup,
  negativeLights,
  toneById,
  type LightSetup,
  type ProbeReadings,
  type SetupConversion,
  type Spot,
} from '@katachron/core';
import type { PrintDraft, ReadingsDraft } from '../../nouns/in-hand/draft.ts';
import { readPlacesWords, typedReading } from '../../nouns/print/read-words.ts';
import type { Readings } from '../../nouns/print/readings.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { lensWords } from './setup-now.ts';

export type ReadingsForm = ReadingsDraft;
/** A place of the picture as it is being typed. */
export type SpotForm = ReadingsForm['others'][number];

export const emptyReadings = (settingId: string): ReadingsForm => ({
  scale: 'light',
  highlight: { name: 'highlight', reading: '' },
  shadow: { name: 'shadow', reading: '' },
  others: [],
  known: { reading: '', tone: 'VIII', seconds: '', settingId },
});

/** What a lens and a negative let through, between the lightest and the darkest that a probe is used for, log10. */
const MOST_LOG = 6;
/** Less than this nobody burns or dodges, stops. */
export const UNSEEN = 1 / 12;

/** The form as it was, from what was kept of it. */
export function typedReadings(
  { highlight, shadow, others, known, ...how }: Readings,
  settingId: string,
): ReadingsForm {
  const blank = emptyReadings(settingId);
  return {
    ...how,
    highlight: { ...blank.highlight, reading: typedReading(highlight.reading) },
    shadow: { ...blank.shadow, reading: typedReading(shadow.reading) },
    others: others.map((other) => ({ ...other, reading: typedReading(other.reading) })),
    known: known
      ? { ...known, reading: typedReading(known.reading), seconds: String(known.seconds) }
      : blank.known,
  };
}

/** What of the form is read, as far as it is filled in, and what is wrong with it. */
export interface ReadPlaces {
  /** As it is to be kept; there once highlight and shadow can both be right. */
  readonly read?: Readings;
  readonly troubles: readonly string[];
  /** The highlight reads more light than the shadow: as a rule they were read the other way round. */
  readonly swapped?: string;
}

/** Half a grade lies between the two, so neither is taken for granted. */
const { name: harder, factor: counts } = negativeLights.find(({ id }) => id === 'directed')!;
const UNLIT = `How does the enlarger light the negative? Under ${harder} densities count ${counts} times: say which above, before they count.`;

/** Highlight and shadow as they were read, where they can both be right; otherwise what is wrong with them. */
function doubtOf(highlight?: number, shadow?: number, known = false): string | undefined {
  if (highlight !== undefined && shadow !== undefined) {
    return Math.abs(shadow - highlight) / STOP_IN_LOG < UNSEEN
      ? 'Highlight and shadow read the same: no contrast spans that. Read them once more.'
      : undefined;
  }
  if (highlight === undefined && shadow === undefined) return undefined;
  const missing = highlight === undefined ? 'highlight' : 'shadow';
  return `One reading says nothing of the contrast: read the ${missing} too${known ? '' : ', or make a strip'}.`;
}

/** Reads the form; the two tones are the print's own. */
export function readPlaces(
  form: ReadingsForm,
  tones: Pick<PrintDraft, 'highlightTone' | 'shadowTone'>,
): ReadPlaces {
  const troubles: string[] = [];
  const number = (typed: string, what: string): number | undefined => {
    if (typed.trim() === '') return undefined;
    const example = form.scale === 'light' ? '−1.42' : '1.12';
    const read = attempt(() => parseDecimal(typed, '', `Type ${what} as ${example}.`));
    if (read.trouble !== undefined) troubles.push(read.trouble);
    return read.value;
  };
  const place = ({ name, reading }: { name: string; reading: string }): number | undefined => {
    const value = number(reading, `the reading of the ${name.trim() || 'place'}`);
    if (value === undefined || Math.abs(value) <= MOST_LOG) return value;
    troubles.push(
      `${name.trim() || 'The place'} reads ${value}: a ${form.scale === 'light' ? 'log of light' : 'density'} lies within ${MOST_LOG}.`,
    );
    return undefined;
  };
  const [highlight, shadow] = [place(form.highlight), place(form.shadow)];
  const others = form.others.flatMap(({ name, reading: typed, tone }) => {
    const reading = place({ name, reading: typed });
    return reading === undefined ? [] : [{ name: name.trim() || 'place', reading, tone }];
  });
  const { tone, settingId } = form.known;
  const known = {
    reading: number(form.known.reading, 'the known print’s reading'),
    seconds: number(form.known.seconds, 'the known print’s seconds'),
  };
  const seen = highlight !== undefined || shadow !== undefined;
  if (form.scale === 'density' && !form.negativeLight && seen) {
    troubles.push(UNLIT);
    return { troubles };
  }
  const doubt = doubtOf(highlight, shadow, known.seconds !== undefined);
  if (doubt && troubles.length === 0) troubles.push(doubt);
  if (highlight === undefined || shadow === undefined || doubt) return { troubles };
  const light = form.scale === 'light';
  if (light ? shadow < highlight : shadow > highlight) {
    return {
      troubles,
      swapped: `The highlight reads ${light ? 'more light' : 'thinner'} than the shadow: on a negative the highlight is the dense place. Were the two read the other way round?`,
    };
  }
  const { reading, seconds } = known;
  return {
    troubles,
    read: {
      scale: form.scale,
      ...(!light && form.negativeLight && { negativeLight: form.negativeLight }),
      highlight: { reading: highlight, tone: tones.highlightTone },
      shadow: { reading: shadow, tone: tones.shadowTone },
      others,
      ...(reading !== undefined &&
        seconds !== undefined &&
        seconds > 0 && { known: { reading, tone, seconds, settingId } }),
    },
  };
}

/** A reading as log10 of light: directed light makes the densities of silver count for more. */
export function logLightOf({ scale, negativeLight }: Pick<Readings, 'scale' | 'negativeLight'>) {
  const { factor } = negativeLights.find(({ id }) => id === negativeLight) ?? negativeLights[0];
  return (reading: number): number => (scale === 'light' ? reading : -reading * factor);
}

/** A place that was read, with the tone wanted there. */
export const spotOf = (
  readings: Pick<Readings, 'scale' | 'negativeLight'>,
  { reading, tone }: Readings['highlight'],
): Spot => ({
  logLight: logLightOf(readings)(reading),
  netDensity: toneById(tone).netDensity,
});

/** What was read as the core reads it, in a set-up: densities count where head and lens stand as they do there. */
export function probeReadings(
  readings: Readings,
  setup: { readonly lens: string; readonly head: string },
  lagSeconds: number,
): ProbeReadings {
  const { scale, negativeLight = 'diffuse', highlight, shadow, known } = readings;
  const logLight = logLightOf(readings);
  const plain = (name: string) => name.trim().toLowerCase();
  return {
    by: scale,
    scale:
      scale === 'light'
        ? 'probe'
        : ['density', negativeLight, plain(setup.lens), plain(setup.head)].join('|'),
    highlightLog: logLight(highlight.reading),
    shadowLog: logLight(shadow.reading),
    ...(known && {
      right: {
        ...spotOf(readings, known),
        dialSeconds: known.seconds + lagSeconds,
        settingId: known.settingId,
      },
    }),
  };
}

/** What was done to the light after a probe had read it; nothing while it is as it was. */
function changeSince({ scale, setup }: ReadingsForm, now: LightSetup): SetupConversion | undefined {
  if (scale !== 'light' || setup === undefined) return undefined;
  const conversion = convertSetup(setup, now);
  return conversion.changes.length > 0 ? conversion : undefined;
}

/** What was read, in a sentence. */
export function readWords(form: ReadingsForm, read: Readings, now: LightSetup): string {
  const what = readPlacesWords({ ...read, others: [] });
  if (form.leftOut) return `${what} are left out.`;
  const since = changeSince(form, now);
  if (since) {
    return since.whole
      ? `${what} count as converted: the set-up was changed since. Read them once more to be surer.`
      : `${what} count for the contrast alone: the set-up was changed since. Read them once more for the time.`;
  }
  return `${what} count like looks at a strip.`;
}

/** What was read of the print in hand; nothing while it cannot be right, or is left out. */
function countedReadings({ readings, ...tones }: PrintDraft): Readings | undefined {
  return readings && !readings.leftOut ? readPlaces(readings, tones).read : undefined;
}

/** What was read, as its record keeps it: light that was another one then is of no set-up that the record has. */
export function recordedReadings(draft: PrintDraft, now: LightSetup): Readings | undefined {
  return draft.readings && !changeSince(draft.readings, now) ? countedReadings(draft) : undefined;
}

/** What was read, as the print in hand is answered by it. */
export function readingsOf(
  draft: PrintDraft,
  lagSeconds: number,
  now: LightSetup,
): ProbeReadings | undefined {
  const read = countedReadings(draft);
  if (!draft.readings || !read) return undefined;
  const found = probeReadings(read, { lens: lensWords(draft), head: draft.head }, lagSeconds);
  const since = changeSince(draft.readings, now);
  if (!since) return found;
  const { right: _right, ...rest } = found;
  // A scale of its own has a constant that nobody knows: the range between the two stays.
  if (!since.whole) return { ...rest, scale: 'before the change' };
  const less = Math.log10(since.factor);
  return {
    ...found,
    highlightLog: found.highlightLog - less,
    shadowLog: found.shadowLog - less,
    doubtStops: since.doubtStops,
  };
}
