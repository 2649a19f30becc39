import {
  Refusal,
  filmTime,
  formatDilution,
  parseDilution,
  type Agitation,
  type RecipeSource,
  type ReuseRule,
} from '@katachron/core';
import type { RecipeBody } from './contract.ts';
import { attempt, type Attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { clockTime, parseDuration } from '../../words/duration.ts';
import { contrastName } from '../roll/factors.ts';
import { recipeQuestion } from './question.ts';
import { parseTemperature, typedTemperature, type Unit } from '../../words/temperature.ts';
import { readVolume, retypeVolume, typedVolume, type VolumeUnit } from '../../words/volume.ts';
import { agitationKey } from './agitation-options.ts';
import { number } from '../../kit/number-field.ts';
import { readOwnAgitation, usualOwnAgitation, type OwnAgitationForm } from '../agitation/form.ts';

/** The choice of an agitation that is none of those known. */
export const OWN_AGITATION = 'own';

/** A recipe as it is being typed. */
export interface RecipeForm extends OwnAgitationForm {
  film: string;
  boxSpeed: string;
  developer: string;
  dilution: string;
  exposureIndex: string;
  /** The key of a known agitation, or that of an own one being written. */
  agitation: string;
  /** A line each: temperature and time, "20 9:30". */
  times: string;
  activationEnergy: string;
  minimum: string;
  reuse: ReuseRule['kind'];
  reuseRolls: string;
  reusePerLitre: string;
  reusePercent: string;
  replenish: string;
  /** A line each: "N-1 -20". */
  contrast: string;
  clockFactor: string;
  secondBath: string;
  source: RecipeSource;
  note: string;
  /** A table that slows down when warmer is meant so. */
  tableMeant: boolean;
}

/** What is wrong, by field. */
export type RecipeTroubles = Partial<Record<keyof RecipeForm, string>>;

export const emptyRecipeForm: RecipeForm = {
  film: '',
  boxSpeed: '',
  developer: '',
  dilution: '',
  exposureIndex: '',
  agitation: 'each-minute',
  ...usualOwnAgitation,
  times: '',
  activationEnergy: '',
  minimum: '',
  reuse: 'one-shot',
  reuseRolls: '5',
  reusePerLitre: '4',
  reusePercent: '10',
  replenish: '',
  contrast: '',
  clockFactor: '',
  secondBath: '',
  source: 'data-sheet',
  note: '',
  tableMeant: false,
};

const JOULES = 1000;

/** The units in which a recipe is typed. */
export interface RecipeUnits {
  readonly unit: Unit;
  readonly volumeUnit?: VolumeUnit;
}

/** A recipe as it would have been typed, to be changed or to be written again under another name. */
export function recipeForm(
  recipe: RecipeBody,
  { unit, volumeUnit = 'ml' }: RecipeUnits,
): RecipeForm {
  const { reuse = { kind: 'one-shot' }, contrast = [], secondBath } = recipe;
  const typed = (value: number | undefined) => (value === undefined ? '' : String(value));
  const time = (seconds: number) =>
    Number.isInteger(seconds) ? clockTime(seconds) : String(seconds);
  return {
    ...emptyRecipeForm,
    film: recipe.film,
    boxSpeed: typed(recipe.boxSpeed),
    developer: recipe.developer,
    dilution: formatDilution(recipe.dilution),
    exposureIndex: typed(recipe.exposureIndex),
    agitation: agitationKey(recipe.agitation),
    ...ownFields(recipe.agitation),
    times: recipe.points
      .map(
        ({ temperatureC, seconds }) => `${typedTemperature(temperatureC, unit)} ${time(seconds)}`,
      )
      .join('\n'),
    activationEnergy: typed(recipe.activationEnergy && recipe.activationEnergy / JOULES),
    minimum: recipe.minimumMl === undefined ? '' : typedVolume(recipe.minimumMl, volumeUnit),
    reuse: reuse.kind,
    ...(reuse.kind === 'batch' && {
      reuseRolls: typed(reuse.rolls),
      reusePercent: typed(reuse.percent),
    }),
    ...(reuse.kind === 'by-area' && {
      reusePerLitre: typed(reuse.rollsPerLitre),
      reusePercent: typed(reuse.percent),
    }),
    ...(reuse.kind === 'replenish' && { replenish: typedVolume(reuse.mlPerRoll, volumeUnit) }),
    contrast: contrast
      .map(({ n, percent }) => `${contrastName(n).replace('−', '-')} ${percent}`)
      .join('\n'),
    clockFactor: typed(recipe.clockFactor),
    secondBath: secondBath ? time(secondBath.seconds) : '',
    source: recipe.source,
    note: recipe.note ?? '',
    tableMeant: recipe.tableMeant ?? false,
  };
}

/** An own agitation as it would have been typed, so that it can be changed. */
function ownFields(agitation: Agitation): Partial<RecipeForm> {
  if (typeof agitation === 'string') return {};
  return {
    ownName: agitation.name,
    ownFirst: String(agitation.initialSeconds),
    ownEvery: String(agitation.everySeconds),
    ownFor: String(agitation.burstSeconds),
    ownTurns: String(agitation.turns),
  };
}

const lines = (text: string) => text.split('\n').filter((line) => line.trim() !== '');

/** Reads lines, each by itself, and says which one is wrong. */
function readLines<Value>(text: string, read: (words: string[]) => Value): Value[] {
  return lines(text).map((line, index) => {
    try {
      return read(line.trim().split(/[\s;]+/));
    } catch (cause) {
      if (!(cause instanceof Refusal)) throw cause;
      throw new Refusal('line', '', `Line ${index + 1}: ${cause.message}`);
    }
  });
}

/** Reads the lines of times: a temperature and a time each. */
function readTimes(text: string, unit: Unit): RecipeBody['points'] {
  if (lines(text).length === 0) {
    throw new Refusal(
      'times',
      '/points',
      'Type at least one line: a temperature and its time, as 20 9:30.',
    );
  }
  return readLines(text, (words) => {
    const [, temperature, time] = TIME_LINE.exec(words.join(' ')) ?? [];
    if (temperature === undefined || time === undefined) {
      throw new Refusal('times', '/points', 'Type a temperature and a time, as 20 9:30.');
    }
    // Nothing develops in so few seconds: minutes were meant, or somebody has to say so.
    const [, whole = '', part = ''] = /^(\d{1,2})(?:[.,](\d{1,2}))?$/.exec(time) ?? [];
    if (whole !== '' && Number(whole) < 60) {
      throw new Refusal(
        'times',
        '/points',
        `Is “${time}” minutes or seconds? Write ${whole}:${part.padEnd(2, '0')}, or ${time} s.`,
      );
    }
    return { temperatureC: parseTemperature(temperature, unit), seconds: parseDuration(time) };
  });
}

/** A temperature, with its own unit where somebody writes one, and a time. */
const TIME_LINE = /^([-+−]?[\d.,]+ ?°? ?[cf]?) (\S+(?: s)?)$/i;

/** Reads the lines of N− to N+: N and a per cent each. */
function readContrast(text: string): NonNullable<RecipeBody['contrast']> {
  return readLines(text, ([n = '', percent = '', ...more]) => {
    const sample = 'Type N and its per cent, as N-1 -20.';
    const steps = parseDecimal(n.replace(/^N/i, '').replace('−', '-'), '', sample);
    if (!Number.isInteger(steps) || steps === 0 || Math.abs(steps) > 5 || more.length > 0) {
      throw new Refusal('contrast', '', sample);
    }
    const value = parseDecimal(percent.replace(/%$/, '').replace('−', '-'), '', sample);
    if (value < -90 || value > 200) throw new Refusal('contrast', '', sample);
    return { n: steps, percent: value };
  });
}

type Read = Partial<Record<keyof RecipeForm, Attempt<unknown>>>;

/** The agitation chosen, or the own one that was written. */
function readAgitation(form: RecipeForm): { fields: Read; value?: Agitation } {
  if (form.agitation !== OWN_AGITATION) {
    const own = form.agitation.startsWith('{');
    return {
      fields: {},
      value: (own ? JSON.parse(form.agitation) : form.agitation) as Agitation,
    };
  }
  return readOwnAgitation(form);
}

/** The same form with its volumes in the other unit. */
export function inUnit(
  form: RecipeForm,
  from: VolumeUnit,
  to: VolumeUnit,
  kept?: RecipeBody,
): Pick<RecipeForm, 'minimum' | 'replenish'> {
  return {
    minimum: retypeVolume(form.minimum, from, to, kept?.minimumMl),
    replenish: retypeVolume(form.replenish, from, to, keptReplenisher(kept)),
  };
}

const keptReplenisher = (kept?: RecipeBody) =>
  kept?.reuse?.kind === 'replenish' ? kept.reuse.mlPerRoll : undefined;

function readReuse(
  form: RecipeForm,
  unit: VolumeUnit,
  kept?: RecipeBody,
): { fields: Read; value?: ReuseRule } {
  if (form.reuse === 'batch') {
    const reuseRolls = number(form.reuseRolls, 'Type rolls, for example 5.', 1, 100, true);
    const reusePercent = number(form.reusePercent, 'Type per cent, for example 12.', 0, 200);
    const { value: rolls } = reuseRolls;
    const { value: percent } = reusePercent;
    return {
      fields: { reuseRolls, reusePercent },
      ...(rolls !== undefined &&
        percent !== undefined && { value: { kind: 'batch', rolls, percent } }),
    };
  }
  if (form.reuse === 'by-area') {
    const reusePerLitre = number(
      form.reusePerLitre,
      'Type rolls a litre, for example 4.',
      0.1,
      100,
    );
    const reusePercent = number(form.reusePercent, 'Type per cent, for example 10.', 0, 200);
    const { value: rollsPerLitre } = reusePerLitre;
    const { value: percent } = reusePercent;
    return {
      fields: { reusePerLitre, reusePercent },
      ...(rollsPerLitre !== undefined &&
        percent !== undefined && { value: { kind: 'by-area', rollsPerLitre, percent } }),
    };
  }
  if (form.reuse === 'replenish') {
    const replenish = attempt(() =>
      readVolume(form.replenish, {
        ...{ unit, what: 'the replenisher for a roll', usualMl: 70 },
        ...{ leastMl: 0.1, mostMl: 5000, keptMl: keptReplenisher(kept) },
      }),
    );
    const { value: mlPerRoll } = replenish;
    return {
      fields: { replenish },
      ...(mlPerRoll !== undefined && { value: { kind: 'replenish', mlPerRoll } }),
    };
  }
  return { fields: {} };
}

/** Reads the form: the recipe, or what is wrong with each field. What is kept stays as it is where nothing was typed. */
export function readRecipe(
  form: RecipeForm,
  { unit, volumeUnit = 'ml' }: RecipeUnits,
  kept?: RecipeBody,
): { body: RecipeBody; troubles?: undefined } | { body?: undefined; troubles: RecipeTroubles } {
  const needed = (text: string, what: string) =>
    attempt(() => {
      if (text.trim() === '') throw new Refusal('empty', '', `Name the ${what}.`);
      return text.trim();
    });
  const speed = (text: string, what: string) =>
    number(text, `Type the ${what}, for example 400.`, 0.1, 1_000_000);
  /** Left empty, a field is left out. */
  const maybe = (text: string, read: () => Attempt<number>): Attempt<number> | undefined =>
    text.trim() === '' ? undefined : read();
  const film = needed(form.film, 'film');
  const developer = needed(form.developer, 'developer');
  const dilution = attempt(() => parseDilution(form.dilution));
  const boxSpeed = speed(form.boxSpeed, 'box speed');
  const exposureIndex = speed(
    form.exposureIndex.trim() || form.boxSpeed,
    'speed the times are for',
  );
  const times = attempt(() => readTimes(form.times, unit));
  const contrast = attempt(() => readContrast(form.contrast));
  const energy = maybe(form.activationEnergy, () =>
    number(form.activationEnergy, 'Type kJ/mol, for example 62.', 10, 200),
  );
  const minimum = maybe(form.minimum, () =>
    attempt(() =>
      readVolume(form.minimum, {
        ...{ unit: volumeUnit, what: 'what a roll wants', usualMl: 5 },
        ...{ leastMl: 0.01, mostMl: 10_000, keptMl: kept?.minimumMl },
      }),
    ),
  );
  const clockFactor = maybe(form.clockFactor, () =>
    number(form.clockFactor, 'Type how slow that clock was, for example 1.2.', 0.5, 2),
  );
  const secondBath = maybe(form.secondBath, () => attempt(() => parseDuration(form.secondBath)));
  const agitation = readAgitation(form);
  const reuse = readReuse(form, volumeUnit, kept);
  const body = {
    film: film.value,
    boxSpeed: boxSpeed.value,
    developer: developer.value,
    dilution: dilution.value,
    exposureIndex: exposureIndex.value,
    agitation: agitation.value,
    points: times.value,
    ...(energy?.value && { activationEnergy: energy.value * JOULES }),
    ...(minimum?.value && { minimumMl: minimum.value }),
    ...(reuse.value && { reuse: reuse.value }),
    ...(contrast.value?.length && { contrast: contrast.value }),
    ...(clockFactor?.value && clockFactor.value !== 1 && { clockFactor: clockFactor.value }),
    ...(secondBath?.value &&
      agitation.value && {
        secondBath: { seconds: secondBath.value, agitation: agitation.value },
      }),
    source: form.source,
    ...(form.tableMeant && { tableMeant: true }),
    ...(form.note.trim() !== '' && { note: form.note.trim() }),
  } as RecipeBody;
  // The core is asked once, so that a table it could not use is refused here and not beside the sink.
  const usable = times.value && attempt(() => filmTime(body, times.value[0]!.temperatureC), unit);
  const question = times.value && recipeQuestion(body, unit);
  const fields: Read = {
    ...{ film, developer, dilution, boxSpeed, exposureIndex, times, contrast },
    ...(energy && { activationEnergy: energy }),
    ...(minimum && { minimum }),
    ...(clockFactor && { clockFactor }),
    ...(secondBath && { secondBath }),
    ...agitation.fields,
    ...reuse.fields,
  };
  const troubles: RecipeTroubles = Object.fromEntries(
    Object.entries(fields).flatMap(([name, { trouble }]) => (trouble ? [[name, trouble]] : [])),
  );
  if (usable?.trouble ?? question) troubles.times = usable?.trouble ?? question!;
  if (question) troubles.tableMeant = 'Say so if it is meant.';
  return Object.keys(troubles).length > 0 ? { troubles } : { body };
}
