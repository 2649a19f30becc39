import { Refusal, percentInStops, secondsInStops, stopsInPercent } from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { plainStops } from '../../words/fraction.ts';

const SENTENCE = 'Type stops, per cent or seconds: +⅔ burns, −15 % or −2 s holds back.';
const MOST_STOPS = 10;
const TWELFTHS = 12;

/** What stands behind the number, what is no more than nothing, and how it becomes stops. */
const units: readonly {
  readonly end: RegExp;
  readonly stops: (value: number, baseSeconds: number | undefined) => number;
}[] = [
  {
    end: /\s*%$/,
    stops: (value) => {
      if (value <= -100) throw refused('Less than −100 % is no light: type −15 %, for example.');
      return percentInStops(value);
    },
  },
  {
    end: /\s*s(ec(onds?)?)?$/i,
    stops: (value, baseSeconds) => {
      if (baseSeconds === undefined) {
        throw refused('Seconds need a time for the print first; type stops.');
      }
      if (value <= -baseSeconds) {
        throw refused(`The whole base is ${baseSeconds.toFixed(1)} s: hold back for less.`);
      }
      return secondsInStops(baseSeconds, value);
    },
  },
  { end: /(\s*stops?)?$/i, stops: (value) => value },
];

const refused = (sentence: string) => new Refusal('area', '/stops', sentence);

/**
 * How much more or less an area gets, as people type it: +⅔, −15 %, +4 s.
 * @returns stops
 * @throws Refusal with a sentence
 */
export function readAmount(text: string, baseSeconds: number | undefined): number {
  const typed = text.trim();
  const unit = units.find(({ end }) => end.test(typed))!;
  const value = parseDecimal(typed.replace(unit.end, ''), '/stops', SENTENCE);
  const stops = unit.stops(value, baseSeconds);
  if (Math.abs(stops) > MOST_STOPS) throw refused('That is more than ten stops.');
  return stops;
}

const signed = (value: number, plain: string) => `${value > 0 ? '+' : '−'}${plain}`;

/** Stops that are some twelfths, as they are written. */
function inTwelfths(stops: number): string | undefined {
  const twelfths = Math.abs(stops) * TWELFTHS;
  const near = Math.abs(twelfths - Math.round(twelfths)) < 0.02;
  return near ? signed(stops, plainStops(stops)) : undefined;
}

/** Stops as they are said: in twelfths where they are some, else to a hundredth. */
export function amountWords(stops: number): string {
  if (Math.abs(stops) < 0.005) return '0';
  return inTwelfths(stops) ?? signed(stops, Math.abs(stops).toFixed(2));
}

/** Stops as somebody would type them. */
export function typedAmount(stops: number): string {
  if (stops === 0) return '0';
  return inTwelfths(stops) ?? signed(stops, String(Number(Math.abs(stops).toFixed(4))));
}

export const percentWords = (stops: number) =>
  stops === 0 ? '0 %' : signed(stops, `${Math.abs(stopsInPercent(stops)).toFixed(0)} %`);

/** Seconds hold for this base alone, so they are kept as the stops that they are here; all else as it was typed. */
export function keptAmount(text: string, baseSeconds: number | undefined): string {
  const inSeconds = units[1]!.end.test(text.trim());
  if (!inSeconds || baseSeconds === undefined) return text;
  const stops = attempt(() => readAmount(text, baseSeconds)).value;
  // What cannot be read stays as it was typed, with its sentence beside it.
  if (stops === undefined) return text;
  return typedAmount(stops);
}
