import {
  Refusal,
  filmTime,
  parseDilution,
  type AgitationId,
  type RecipeSource,
} from '@katachron/core';
import type { RecipeBody } from '../contract/recipe.ts';
import { attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';
import { parseDuration } from '../words/duration.ts';
import { parseTemperature, type Unit } from '../words/temperature.ts';

/** A recipe as it is being typed. */
export interface RecipeForm {
  film: string;
  boxSpeed: string;
  developer: string;
  dilution: string;
  exposureIndex: string;
  agitation: AgitationId;
  /** A line each: temperature and time, "20 9:30". */
  times: string;
  source: RecipeSource;
  note: string;
}

/** What is wrong, by field. */
export type RecipeTroubles = Partial<Record<keyof RecipeForm, string>>;

/** Reads the lines of times: a temperature and a time each. */
function readTimes(text: string, unit: Unit): RecipeBody['points'] {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length === 0) {
    throw new Refusal(
      'times',
      '/points',
      'Type at least one line: a temperature and its time, as 20 9:30.',
    );
  }
  return lines.map((line, index) => {
    const [temperature = '', time = '', ...more] = line.trim().split(/[\s;]+/);
    try {
      if (more.length > 0)
        throw new Refusal('times', '/points', 'Only a temperature and a time on a line.');
      return {
        temperatureC: parseTemperature(temperature, unit),
        seconds: parseDuration(time),
      };
    } catch (cause) {
      if (!(cause instanceof Refusal)) throw cause;
      throw new Refusal('times', '/points', `Line ${index + 1}: ${cause.message}`);
    }
  });
}

/** Reads the form: the recipe, or what is wrong with each field. */
export function readRecipe(
  form: RecipeForm,
  unit: Unit,
): { body: RecipeBody; troubles?: undefined } | { body?: undefined; troubles: RecipeTroubles } {
  const needed = (text: string, what: string) =>
    attempt(() => {
      if (text.trim() === '') throw new Refusal('empty', '', `Name the ${what}.`);
      return text.trim();
    });
  const speed = (text: string, what: string) =>
    attempt(() => {
      const value = parseDecimal(text, '', `Type the ${what}, for example 400.`);
      if (value < 0.1) throw new Refusal('speed', '', `Type the ${what}, for example 400.`);
      return value;
    });
  const film = needed(form.film, 'film');
  const developer = needed(form.developer, 'developer');
  const dilution = attempt(() => parseDilution(form.dilution));
  const boxSpeed = speed(form.boxSpeed, 'box speed');
  const exposureIndex = speed(
    form.exposureIndex.trim() || form.boxSpeed,
    'speed the times are for',
  );
  const times = attempt(() => readTimes(form.times, unit));
  const body = {
    film: film.value,
    boxSpeed: boxSpeed.value,
    developer: developer.value,
    dilution: dilution.value,
    exposureIndex: exposureIndex.value,
    agitation: form.agitation,
    points: times.value,
    source: form.source,
    ...(form.note.trim() !== '' && { note: form.note.trim() }),
  } as RecipeBody;
  // The core is asked once, so that a table it could not use is refused here and not beside the sink.
  const usable = times.value && attempt(() => filmTime(body, times.value[0]!.temperatureC));
  const fields = { film, developer, dilution, boxSpeed, exposureIndex, times };
  const troubles = Object.fromEntries(
    Object.entries(fields).flatMap(([name, { trouble }]) => (trouble ? [[name, trouble]] : [])),
  ) as RecipeTroubles;
  if (usable?.trouble) troubles.times = usable.trouble;
  return Object.keys(troubles).length > 0 ? { troubles } : { body };
}
