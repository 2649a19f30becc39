import {
  ruleShortfall,
  type Development,
  type FilmCharacter,
  type FilmRecipe,
} from '@katachron/core';
import { attempt } from './attempt.ts';
import { clockTime, secondsInWords } from './duration.ts';
import { degrees, type Unit } from './temperature.ts';

const whose: Record<FilmRecipe['source'], string> = {
  'data-sheet': 'the data sheet’s',
  'own-test': 'your own test’s',
  guess: 'the guessed',
};

/** Less of density than this nobody sees. */
const SEEN = 0.02;

/** One degree Fahrenheit is this much of a degree Celsius. */
const FAHRENHEIT_STEP = 5 / 9;

/** Why a development time is what it is: a sentence for the temperature and one for push or pull. */
export function filmReason(
  recipe: FilmRecipe,
  development: Development,
  unit: Unit,
  own?: FilmCharacter,
): string[] {
  const { base, ruleOfThumbStops, factor } = development;
  const source = whose[recipe.source];
  const points = base.from.map(
    ({ temperatureC, seconds }) => `${clockTime(seconds)} at ${degrees(temperatureC, unit)}`,
  );
  const [first = '', second = ''] = points;
  const found = {
    point: `Read straight from ${source} ${first}.`,
    between: `Between ${source} ${first} and ${second}.`,
    'past-table':
      points.length > 2
        ? `Carried on past the table along ${source} ${points.length} times, ${first} to ${points.at(-1)}.`
        : `Carried on past the table from ${source} ${first} and ${second}.`,
    'activation-energy': `From ${source} one time, ${first}, by activation energy (${Math.round(base.activationEnergy / 1000)} kJ/mol).`,
  }[base.method];
  const perDegree = base.secondsPerDegree * factor * (unit === 'C' ? 1 : FAHRENHEIT_STEP);
  const sentences = [`${found} Each degree warmer takes about ${secondsInWords(perDegree)} off.`];
  if (ruleOfThumbStops !== 0) sentences.push(pushCost(ruleOfThumbStops, own));
  return sentences;
}

/** What a push or pull that no recipe covers costs. */
function pushCost(stops: number, own?: FilmCharacter): string {
  const cost =
    stops > 0
      ? 'A push: contrast goes up, highlights get harder, shadow detail does not come back.'
      : 'A pull: the negative gets flatter.';
  const short = attempt(() => ruleShortfall(stops, own)).value ?? 0;
  return short >= SEEN
    ? `${cost} By ${own ? 'this film’s own curve' : 'the film curve'} the rule of thumb leaves middle grey ${short.toFixed(2)} of density short: a recipe for that speed is surer.`
    : cost;
}
