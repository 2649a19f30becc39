import {
  Refusal,
  filmTime,
  formatDilution,
  parseDilution,
  type Agitation,
  type RecipeSource,
  type ReuseRule,
} from '@katachron/core';
import type { RecipeBody } from '../contract/recipe.ts';
import { attempt, type Attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';
import { clockTime, parseDuration } from '../words/duration.ts';
import { contrastName } from '../words/factors.ts';
import { parseTemperature, retype, type Unit } from '../words/temperature.ts';
import { agitationKey } from './agitation-options.ts';

/** The choice of an agitation that is none of those known. */
export const OWN_AGITATION = 'own';

/** A recipe as it is being typed. */
export interface RecipeForm {
  film: string;
  boxSpeed: string;
  developer: string;
  dilution: string;
  exposureIndex: string;
  /** The key of a known agitation, or that of an own one being written. */
  agitation: string;
  ownName: string;
  ownFirst: string;
  ownEvery: string;
  ownFor: string;
  ownTurns: string;
  /** A line each: temperature and time, "20 9:30". */
  times: string;
  activationEnergy: string;
  minimum: string;
  reuse: ReuseRule['kind'];
  reuseRolls: string;
  reusePercent: string;
  replenish: string;
  /** A line each: "N-1 -20". */
  contrast: string;
  clockFactor: string;
  secondBath: string;
  source: RecipeSource;
  note: string;
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
  ownName: '',
  ownFirst: '30',
  ownEvery: '60',
  ownFor: '10',
  ownTurns: '4',
  times: '',
  activationEnergy: '',
  minimum: '',
  reuse: 'one-shot',
  reuseRolls: '5',
  reusePercent: '10',
  replenish: '',
  contrast: '',
  clockFactor: '',
  secondBath: '',
  source: 'data-sheet',
  note: '',
};

const JOULES = 1000;

/** A recipe as it would have been typed, to be changed or to be written again under another name. */
export function recipeForm(recipe: RecipeBody, unit: Unit): RecipeForm {
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
        ({ temperatureC, seconds }) =>
          `${retype(String(temperatureC), 'C', unit)} ${time(seconds)}`,
      )
      .join('\n'),
    activationEnergy: typed(recipe.activationEnergy && recipe.activationEnergy / JOULES),
    minimum: typed(recipe.minimumMl),
    reuse: reuse.kind,
    ...(reuse.kind === 'batch' && {
      reuseRolls: typed(reuse.rolls),
      reusePercent: typed(reuse.percent),
    }),
    ...(reuse.kind === 'replenish' && { replenish: typed(reuse.mlPerRoll) }),
    contrast: contrast
      .map(({ n, percent }) => `${contrastName(n).replace('−', '-')} ${percent}`)
      .join('\n'),
    clockFactor: typed(recipe.clockFactor),
    secondBath: secondBath ? time(secondBath.seconds) : '',
    source: recipe.source,
    note: recipe.note ?? '',
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
  return readLines(text, ([temperature = '', time = '', ...more]) => {
    if (more.length > 0) {
      throw new Refusal('times', '/points', 'Only a temperature and a time on a line.');
    }
    return { temperatureC: parseTemperature(temperature, unit), seconds: parseDuration(time) };
  });
}

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

/** A number in its limits, with one sentence for everything else. */
function number(text: string, sentence: string, least: number, most: number, whole = false) {
  return attempt(() => {
    const value = parseDecimal(text, '', sentence);
    if (value < least || value > most || (whole && !Number.isInteger(value))) {
      throw new Refusal('number', '', sentence);
    }
    return value;
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
  const seconds = 'Type seconds, for example 30.';
  const ownName = attempt(() => {
    if (form.ownName.trim() === '') throw new Refusal('empty', '', 'Name this agitation.');
    return form.ownName.trim();
  });
  const ownFirst = number(form.ownFirst, seconds, 0, 7200);
  const ownEvery = number(form.ownEvery, `${seconds} 0 leaves it alone after the first.`, 0, 7200);
  const ownFor = number(form.ownFor, seconds, 0, 7200);
  const ownTurns = number(
    form.ownTurns,
    'Type turns, for example 4; 0 counts seconds only.',
    0,
    60,
    true,
  );
  const fields = { ownName, ownFirst, ownEvery, ownFor, ownTurns };
  if (Object.values(fields).some(({ trouble }) => trouble)) return { fields };
  return {
    fields,
    value: {
      name: ownName.value!,
      initialSeconds: ownFirst.value!,
      everySeconds: ownEvery.value!,
      burstSeconds: ownFor.value!,
      turns: ownTurns.value!,
      continuous: false,
    },
  };
}

function readReuse(form: RecipeForm): { fields: Read; value?: ReuseRule } {
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
  if (form.reuse === 'replenish') {
    const replenish = number(form.replenish, 'Type ml a roll, for example 70.', 0.1, 5000);
    const { value: mlPerRoll } = replenish;
    return {
      fields: { replenish },
      ...(mlPerRoll !== undefined && { value: { kind: 'replenish', mlPerRoll } }),
    };
  }
  return { fields: {} };
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
    number(form.minimum, 'Type ml for a roll, for example 5.', 0.01, 10_000),
  );
  const clockFactor = maybe(form.clockFactor, () =>
    number(form.clockFactor, 'Type how slow that clock was, for example 1.2.', 0.5, 2),
  );
  const secondBath = maybe(form.secondBath, () => attempt(() => parseDuration(form.secondBath)));
  const agitation = readAgitation(form);
  const reuse = readReuse(form);
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
    ...(form.note.trim() !== '' && { note: form.note.trim() }),
  } as RecipeBody;
  // The core is asked once, so that a table it could not use is refused here and not beside the sink.
  const usable = times.value && attempt(() => filmTime(body, times.value[0]!.temperatureC));
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
  if (usable?.trouble) troubles.times = usable.trouble;
  return Object.keys(troubles).length > 0 ? { troubles } : { body };
}
