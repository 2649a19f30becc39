import {
  Refusal,
  checkStrip,
  markedAperture,
  timeAtAperture,
  timeAtDistance,
  longTimeIn,
  timeByLengths,
  timeByProbe,
  timeOnPaper,
  timeWithPupils,
  usualLoss,
  type LongExposureLoss,
} from '@katachron/core';
import { format } from 'date-fns';
import type { PrintDraft } from '../../nouns/in-hand/draft.ts';
import type { SetupChoice } from './keep.ts';
import type { PrintView } from './print-view.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { enlargerSeconds } from '../../words/duration.ts';
import { signedStops, stopsInWords } from '../../words/fraction.ts';

/** What is typed to carry a time over to another set-up; a pair left empty is not changed. */
export interface ConvertForm {
  seconds: string;
  /** Length of the negative, mm; then the same length on the print, before and after. */
  negative: string;
  fromLength: string;
  toLength: string;
  fromAperture: string;
  toAperture: string;
  fromSpeed: string;
  toSpeed: string;
  fromDistance: string;
  toDistance: string;
  /** Exit pupil by entrance pupil; 1 where nothing is typed. */
  pupil: string;
  /** A probe at the same spot of the picture. */
  fromProbe: string;
  toProbe: string;
}

export const emptyConvertForm: ConvertForm = {
  seconds: '',
  negative: '36',
  fromLength: '',
  toLength: '',
  fromAperture: '',
  toAperture: '',
  fromSpeed: '',
  toSpeed: '',
  fromDistance: '',
  toDistance: '',
  pupil: '',
  fromProbe: '',
  toProbe: '',
};

/** What is known of the print already stands there: only what will be is to be typed. */
export function convertFormOf(draft: PrintDraft, view: PrintView, seconds: string): ConvertForm {
  const speed = view.on.kept?.speed;
  return {
    ...emptyConvertForm,
    seconds:
      seconds ||
      (view.printSeconds === undefined ? '' : String(Number(view.printSeconds.toFixed(2)))),
    negative: draft.negativeLength ?? emptyConvertForm.negative,
    fromLength: draft.printLength ?? '',
    fromAperture: draft.aperture ?? '',
    fromDistance: draft.distance ?? '',
    fromSpeed: speed === undefined ? '' : String(speed),
  };
}

/** The set-up that was, as far as it was typed, and what will be another. */
export function setupsOf(form: ConvertForm): { was: SetupChoice; willBe: SetupChoice } {
  const said = (parts: Record<string, string>) =>
    Object.fromEntries(Object.entries(parts).filter(([, text]) => text.trim() !== ''));
  const negativeLength = form.toLength.trim() === '' ? '' : form.negative;
  return {
    was: said({
      ...{
        negativeLength,
        printLength: form.fromLength,
        aperture: form.fromAperture,
        distance: form.fromDistance,
      },
    }),
    willBe: said({
      ...{ printLength: form.toLength, aperture: form.toAperture, distance: form.toDistance },
    }),
  };
}

/** What a paper loses in long exposures, by its own test. */
export interface TestedLoss {
  readonly loss: LongExposureLoss;
  readonly foundAtMs: number;
}

/** One thing that changed, and what it does. */
export interface Conversion {
  readonly name: string;
  readonly stops: string;
  readonly why: string;
}

export interface ConvertView {
  readonly troubles: Partial<Record<keyof ConvertForm, string>>;
  readonly seconds?: string;
  readonly conversions: readonly Conversion[];
  /** The check strip, in a sentence. */
  readonly check?: string;
  readonly caution?: string;
}

/** A mark that stands for another number by more than this is told. */
const TOLD = 0.01;

/** "; 11 stands for 11.3": marks are rounded, stops are not. */
function standsFor(...marks: readonly number[]): string {
  const told = marks
    .filter((mark) => Math.abs(markedAperture(mark) / mark - 1) > TOLD)
    .map((mark) => `${mark} stands for ${markedAperture(mark).toFixed(1)}`);
  return told.length > 0 ? `; ${told.join(', ')}` : '';
}

type Pair = readonly [keyof ConvertForm, keyof ConvertForm];

/** Everything that can change, as data: its two fields, and what it does to a time. */
interface Change {
  readonly name: string;
  readonly fields: Pair;
  readonly sample: string;
  readonly time: (seconds: number, from: number, to: number, form: ConvertForm) => number;
  readonly why: (seconds: number, from: number, to: number, form: ConvertForm) => string;
  /** The light itself is measured by a probe, which takes its place. */
  readonly byLight?: true;
}

function negativeLength(form: ConvertForm): number {
  const sentence = 'Type the length of the negative in mm, for example 36.';
  const length = parseDecimal(form.negative, '/negative', sentence);
  if (!(length > 0)) throw new Refusal('negative', '/negative', sentence);
  return length;
}

function pupilOf(form: ConvertForm): number {
  if (form.pupil.trim() === '') return 1;
  const sentence =
    'Type the pupil magnification of the lens, for example 0.87; 1 if it is symmetrical.';
  const pupil = parseDecimal(form.pupil, '/pupil', sentence);
  if (!(pupil > 0)) throw new Refusal('pupil', '/pupil', sentence);
  return pupil;
}

/** The lens law, with the lens's own pupils. */
function timeBySize(seconds: number, from: number, to: number, form: ConvertForm): number {
  const negative = negativeLength(form);
  return timeWithPupils(seconds, from / negative, to / negative, pupilOf(form));
}

const changes: readonly Change[] = [
  {
    name: 'Size',
    fields: ['fromLength', 'toLength'],
    sample: 'Type the length on the paper in mm, for example 240.',
    byLight: true,
    time: timeBySize,
    why: (seconds, from, to, form) => {
      const negative = negativeLength(form);
      const law = timeBySize(seconds, from, to, form);
      const lengths = timeByLengths(seconds, from, to);
      const apart = Math.abs(Math.log2(lengths / law));
      return `By the lens law, magnification ${(from / negative).toFixed(1)} to ${(to / negative).toFixed(1)}; by the lengths alone it would be ${enlargerSeconds(lengths)} s, ${stopsInWords(apart)} apart.`;
    },
  },
  {
    name: 'Aperture',
    byLight: true,
    fields: ['fromAperture', 'toAperture'],
    sample: 'Type the f-number, for example 8.',
    time: timeAtAperture,
    why: (_, from, to) => `f/${from} to f/${to}${standsFor(from, to)}.`,
  },
  {
    name: 'Paper',
    fields: ['fromSpeed', 'toSpeed'],
    sample: 'Type the paper speed P, for example 400.',
    time: timeOnPaper,
    why: (_, from, to) => `P ${from} to P ${to}; keep the contrast by equal R.`,
  },
  {
    name: 'Distance of a bare lamp',
    byLight: true,
    fields: ['fromDistance', 'toDistance'],
    sample: 'Type the distance in cm, for example 120.',
    time: timeAtDistance,
    why: (_, from, to) => `${from} to ${to} cm, by the inverse square.`,
  },
];

/** Carries a time over, change by change, each with its reason. */
export function convertView(form: ConvertForm, timerStep = 0.1, tested?: TestedLoss): ConvertView {
  const troubles: ConvertView['troubles'] = {};
  const number = (field: keyof ConvertForm, sentence: string) => {
    const { value, trouble } = attempt(() => {
      const read = parseDecimal(form[field], '', sentence);
      if (!(read > 0)) throw new Refusal('number', '', sentence);
      return read;
    });
    if (trouble) troubles[field] = trouble;
    return value;
  };
  const given =
    form.seconds.trim() === ''
      ? undefined
      : number('seconds', 'Type the time in seconds, for example 12.6.');
  const probe = probeOf(form, given, number);
  let seconds = given;
  const conversions: Conversion[] = [];
  // What the probe measured counts; the laws only say how far they would have been out.
  let byLaws = 1;
  for (const { name, fields, sample, time, why, byLight } of changes) {
    const [fromField, toField] = fields;
    if (form[fromField].trim() === '' && form[toField].trim() === '') continue;
    const from = number(fromField, sample);
    const to = number(toField, sample);
    if (seconds === undefined || from === undefined || to === undefined) continue;
    const before = seconds;
    const { value, trouble } = attempt(() => ({
      after: time(before, from, to, form),
      reason: why(before, from, to, form),
    }));
    if (trouble) troubles[trouble.includes('pupil') ? 'pupil' : 'negative'] = trouble;
    if (!value) continue;
    if (probe && byLight) {
      byLaws *= value.after / before;
      continue;
    }
    conversions.push({
      name,
      stops: signedStops(Math.log2(value.after / before)),
      why: value.reason,
    });
    seconds = value.after;
  }
  if (probe && seconds !== undefined) {
    const off = Math.log2(byLaws / probe.factor);
    const laws = byLaws === 1 ? '' : `; the laws alone would be ${off.toFixed(2)} stop off`;
    conversions.unshift({
      name: 'Probe',
      stops: signedStops(Math.log2(probe.factor)),
      why: `The light at the same spot was ${probe.from} and is ${probe.to}: that is measured${laws}.`,
    });
    seconds *= probe.factor;
  }
  if (seconds === undefined || conversions.length === 0) return { troubles, conversions };
  const long = longTimes(given!, seconds, tested, timerStep);
  if (long) {
    conversions.push(long.line);
    seconds = long.seconds;
  }
  const { firstSeconds, stepStops, patches } = checkStrip(seconds);
  return {
    troubles,
    conversions,
    seconds: enlargerSeconds(seconds, timerStep),
    check: `It was worked out, not seen. Check it: ${patches} patches from ${enlargerSeconds(firstSeconds, timerStep)} s in ${stopsInWords(stepStops)}.`,
    ...(long?.caution && { caution: long.caution }),
  };
}

/** The light before and after, where a probe was read. */
function probeOf(
  form: ConvertForm,
  given: number | undefined,
  number: (field: keyof ConvertForm, sentence: string) => number | undefined,
): { factor: number; from: number; to: number } | undefined {
  if (form.fromProbe.trim() === '' && form.toProbe.trim() === '') return undefined;
  const sentence = 'Type what the probe read there, more than zero, for example 5.42.';
  const from = number('fromProbe', sentence);
  const to = number('toProbe', sentence);
  if (given === undefined || from === undefined || to === undefined) return undefined;
  return { factor: timeByProbe(1, from, to), from, to };
}

/** What a long exposure loses, before and after: the time that was right has its loss in it already. */
function longTimes(
  was: number,
  without: number,
  tested: TestedLoss | undefined,
  timerStep: number,
): { seconds: number; line: Conversion; caution?: string } | undefined {
  const loss = tested?.loss ?? usualLoss;
  if (Math.max(was, without) <= loss.fromSeconds) return undefined;
  const seconds = longTimeIn(was, without / was, loss);
  const stops = Math.log2(seconds / without);
  const share = Math.round(100 * loss.lossPerDoubling);
  const shown = (time: number) => enlargerSeconds(time, timerStep);
  return {
    seconds,
    line: {
      name: 'Long times',
      stops: signedStops(stops),
      why: `${tested ? `This paper loses ${share} %` : `Paper usually loses about ${share} %`} of the light at each doubling beyond ${loss.fromSeconds} s${tested ? `, by its test of ${format(tested.foundAtMs, 'd MMMM yyyy')}` : '; its own test would say'}. What was right has its loss in it already; without any it would be ${shown(without)} s.`,
    },
    ...(seconds > loss.fromSeconds && {
      caution: `Surer than a long time is a wider aperture: two stops wider it is ${shown(longTimeIn(was, without / was / 4, loss))} s.`,
    }),
  };
}
