import { Refusal } from '@katachron/core';
import { within } from '../../../kit/form.ts';
import { clockTime, parseDuration } from '../../../words/duration.ts';
import { parseTemperature, typedTemperature } from '../../../words/temperature.ts';
import type { Field, Option } from './field.ts';

interface Said {
  readonly label: string;
  readonly hint?: string;
  readonly usual?: string;
}
interface Numbered extends Said {
  /** As an error calls it: "the last step". */
  readonly title: string;
  readonly least: number;
  readonly most: number;
  readonly whole?: boolean;
  /** A number that would be right, for the sentence. */
  readonly example: number;
}

const said = ({ label, hint = '', usual = '' }: Said) => ({ label, hint, usual, optional: false });
const shapeOf = ({ least, most, whole = false }: Numbered) =>
  ({ is: 'number', least, most, whole }) as const;

/** A plain number. */
export function numberField(asked: Numbered): Field<number> {
  const { title, least, most, whole = false, example } = asked;
  const sentence = `Give ${title} as a ${whole ? 'whole ' : ''}number from ${least} to ${most}, as ${example}.`;
  return {
    ...said(asked),
    title,
    shape: shapeOf(asked),
    read: (text) => {
      const value = within(text, sentence, least, most);
      if (whole && !Number.isInteger(value)) throw new Refusal('number', '', sentence);
      return value;
    },
    write: (value) => String(Number(value.toFixed(6))),
  };
}

/** A time, typed as m:ss or as seconds. */
export function timeField(asked: Numbered): Field<number> {
  const { title, least, most } = asked;
  return {
    ...said(asked),
    title,
    shape: shapeOf(asked),
    read: (text) => {
      const seconds = parseDuration(text);
      if (seconds >= least && seconds <= most) return seconds;
      throw new Refusal(
        'duration',
        '',
        `Give ${title} as a time from ${clockTime(least)} to ${clockTime(most)}, as 8:00.`,
      );
    },
    write: (seconds) =>
      seconds >= 60 && Number.isInteger(seconds)
        ? clockTime(seconds)
        : String(Number(seconds.toFixed(3))),
  };
}

/** A temperature in the unit of the desk, °C when it is kept. */
export function temperatureField(asked: Numbered): Field<number> {
  const { title, least, most } = asked;
  return {
    ...said(asked),
    title,
    shape: shapeOf(asked),
    read: (text, unit) => {
      // A reading in °F has no short number in °C: what is finer than a millionth is none.
      const temperatureC = Number(parseTemperature(text, unit).toFixed(6));
      if (temperatureC >= least && temperatureC <= most) return temperatureC;
      throw new Refusal(
        'temperature',
        '',
        `Give ${title} in °${unit}, from ${typedTemperature(least, unit)} to ${typedTemperature(most, unit)}.`,
      );
    },
    write: (temperatureC, unit) => typedTemperature(temperatureC, unit),
  };
}

/** Words. */
export function textField(
  asked: Said & { readonly title: string; readonly most?: number },
): Field<string> {
  const { title, most = 80 } = asked;
  return {
    ...said(asked),
    title,
    shape: { is: 'text', most },
    read: (text) => {
      if (text.trim() === '') throw new Refusal('empty', '', `Say ${title}.`);
      if (text.trim().length > most) {
        throw new Refusal('long', '', `Say ${title} in ${most} letters at most.`);
      }
      return text.trim();
    },
    write: (value) => value,
  };
}

/** One of a few. */
export function choiceField<Id extends string>(
  asked: Omit<Said, 'usual'> & {
    readonly title: string;
    readonly options: readonly (Option & { readonly id: Id })[];
  },
): Field<Id> {
  const { title, options } = asked;
  return {
    ...said({ ...asked, usual: options[0]?.id ?? '' }),
    title,
    shape: { is: 'choice', options },
    read: (text) => {
      const found = options.find(({ id }) => id === text);
      if (!found) throw new Refusal('choice', '', `Choose ${title}.`);
      return found.id;
    },
    write: (value) => value,
  };
}

const TICKED = 'yes';

/** Yes or no. */
export const tickField = (asked: Said & { readonly title: string }): Field<boolean> => ({
  ...said(asked),
  title: asked.title,
  shape: { is: 'tick' },
  read: (text) => text === TICKED,
  write: (value) => (value ? TICKED : ''),
});

/** A field that may stay empty. */
export const optional = <Value>(field: Field<Value>): Field<Value | undefined> => ({
  ...field,
  optional: true,
  read: (text, unit) => (text.trim() === '' ? undefined : field.read(text, unit)),
  write: (value, unit) => (value === undefined ? '' : field.write(value, unit)),
});
