import { sound } from '../quantity/sound.ts';
import { findRoot } from '../numeric/find-root.ts';
import { Refusal } from '../refusal.ts';
import {
  DEFAULT_ACTIVATION_ENERGY,
  activationEnergyBetween,
  developmentRate,
  fitTable,
} from './activation-energy.ts';
import type { FilmRecipe, RecipePoint } from './recipe.ts';

/** How far past a table's last temperature a time is still given, °C. */
export const MOST_PAST_TABLE = 3;
/** How far from a single temperature a time is still given, °C. */
export const MOST_FROM_SINGLE = 4;

/** How a time was found: read off a point, between two, past the end of the table, or by activation energy from one. */
export type FilmTimeMethod = 'point' | 'between' | 'past-table' | 'activation-energy';

/** A development time and what it rests on. */
export interface FilmTime {
  readonly seconds: number;
  readonly method: FilmTimeMethod;
  /** The recipe's points the time was found from, cooler first: one, two, or past the table all of them. */
  readonly from: readonly RecipePoint[];
  /** The activation energy in force there, J/mol. */
  readonly activationEnergy: number;
  /** What one degree more does to the time, s/°C (negative: shorter). */
  readonly secondsPerDegree: number;
}

const SAME_TEMPERATURE = 1e-9;

/**
 * The development time of a recipe at a temperature.
 * @param recipe with one or more points at different temperatures, °C and s
 * @param temperatureC of the developer, °C
 * @returns seconds with the points and the activation energy it rests on
 * @throws Refusal `past-table` more than 3 °C past the table, `far-from-single` more than 4 °C from a single temperature,
 *   `recipe-without-time` without points, `recipe-same-temperature` with two times at one temperature
 * @source ln t linear in 1/T (Arrhenius): between neighbouring points, and past the table by least squares over all of it
 * @example
 * filmTime({ film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 570 }, { temperatureC: 22, seconds: 470 }], source: "data-sheet" }, 20.6).seconds // ≈ 537.8
 */
export function filmTime(recipe: FilmRecipe, temperatureC: number): FilmTime {
  sound({ points: recipe.points, temperatureC });
  const points = [...recipe.points].sort((a, b) => a.temperatureC - b.temperatureC);
  const coolest = points[0];
  const warmest = points[points.length - 1];
  if (!coolest || !warmest) {
    throw new Refusal('recipe-without-time', '/recipe/points', 'This recipe has no time yet.');
  }
  points.slice(1).forEach((point, index) => {
    if (point.temperatureC - points[index]!.temperatureC < SAME_TEMPERATURE) {
      throw new Refusal(
        'recipe-same-temperature',
        '/recipe/points',
        `The recipe has two times at ${point.temperatureC} °C. Keep one of them.`,
        { atC: point.temperatureC },
      );
    }
  });
  return points.length === 1
    ? fromSinglePoint(coolest, recipe.activationEnergy, temperatureC)
    : fromTable(points, temperatureC);
}

function fromSinglePoint(
  point: RecipePoint,
  ownEnergy: number | undefined,
  temperatureC: number,
): FilmTime {
  if (Math.abs(temperatureC - point.temperatureC) > MOST_FROM_SINGLE + SAME_TEMPERATURE) {
    throw new Refusal(
      'far-from-single',
      '/temperatureC',
      `The recipe has one time, at ${point.temperatureC} °C. More than ${MOST_FROM_SINGLE} °C from it a time would be a guess.`,
      { onlyC: point.temperatureC, mostC: MOST_FROM_SINGLE },
    );
  }
  const activationEnergy = ownEnergy ?? DEFAULT_ACTIVATION_ENERGY;
  return answer(point, [point], activationEnergy, temperatureC, 'activation-energy');
}

function fromTable(points: readonly RecipePoint[], temperatureC: number): FilmTime {
  const coolest = points[0]!;
  const warmest = points[points.length - 1]!;
  const past = Math.max(
    coolest.temperatureC - temperatureC,
    temperatureC - warmest.temperatureC,
    0,
  );
  if (past > MOST_PAST_TABLE + SAME_TEMPERATURE) {
    throw new Refusal(
      'past-table',
      '/temperatureC',
      `The recipe's table runs from ${coolest.temperatureC} to ${warmest.temperatureC} °C. More than ${MOST_PAST_TABLE} °C past it a time would be a guess.`,
      {
        lowC: coolest.temperatureC,
        highC: warmest.temperatureC,
        mostC: MOST_PAST_TABLE,
      },
    );
  }
  if (past > SAME_TEMPERATURE) {
    const { activationEnergy } = fitTable(points);
    const method = 'past-table';
    return answered(
      pastTable(points)(temperatureC),
      points,
      activationEnergy,
      temperatureC,
      method,
    );
  }
  const above = points.findIndex((point) => point.temperatureC >= temperatureC);
  const upper = above === -1 ? points.length - 1 : Math.max(above, 1);
  const a = points[upper - 1]!;
  const b = points[upper]!;
  return answer(a, [a, b], activationEnergyBetween(a, b), temperatureC, 'between');
}

/** From the end of a table to the line that fits all of it goes over this, °C. */
const BLEND_C = 2;

/**
 * The times past the ends of a table: from its last point over to the line that fits all of its times, without a jump. Where
 * that line lies on the wrong side of the point, only its slope is taken, so that a degree more is never a second more.
 */
function pastTable(points: readonly RecipePoint[]): (temperatureC: number) => number {
  const { activationEnergy, secondsAt } = fitTable(points);
  const [cool, warm] = [points[0]!, points[points.length - 1]!].map((point) => ({
    ...point,
    apart: secondsAt(point.temperatureC) / point.seconds,
  })) as [RecipePoint & { apart: number }, RecipePoint & { apart: number }];
  cool.apart = Math.max(1, cool.apart);
  warm.apart = Math.min(1, warm.apart);
  return (temperatureC) => {
    const end = temperatureC > warm.temperatureC ? warm : cool;
    const carried = end.seconds / developmentRate(temperatureC, end.temperatureC, activationEnergy);
    return carried * end.apart ** Math.min(1, Math.abs(temperatureC - end.temperatureC) / BLEND_C);
  };
}

function answer(
  reference: RecipePoint,
  from: readonly RecipePoint[],
  activationEnergy: number,
  temperatureC: number,
  method: FilmTimeMethod,
): FilmTime {
  const read = from.find((point) => Math.abs(point.temperatureC - temperatureC) < SAME_TEMPERATURE);
  const seconds =
    read?.seconds ??
    reference.seconds / developmentRate(temperatureC, reference.temperatureC, activationEnergy);
  return answered(
    seconds,
    read ? [read] : from,
    activationEnergy,
    temperatureC,
    read ? 'point' : method,
  );
}

function answered(
  seconds: number,
  from: readonly RecipePoint[],
  activationEnergy: number,
  temperatureC: number,
  method: FilmTimeMethod,
): FilmTime {
  // The derivative of ln t over a kelvin is −Ea/(R·T²); taken as a difference so that the constant stays in one place.
  const warmer = seconds / developmentRate(temperatureC + 1, temperatureC, activationEnergy);
  return sound({
    seconds,
    method,
    from,
    activationEnergy,
    secondsPerDegree: warmer - seconds,
  });
}

/**
 * The times of a recipe however far a temperature is from its own: for summing up a drift, which may stray for a while
 * where nobody would start. Read once, so that a sum over many instants is quick.
 * @param recipe with one or more points
 * @returns a function from °C to seconds
 * @throws Refusal `recipe-without-time`, `recipe-same-temperature`
 * @source as `filmTime`, without its limits
 * @example
 * unrefusedTimes({ film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 600 }], source: "guess" })(14) // ≈ 1020.9
 */
export function unrefusedTimes(recipe: FilmRecipe): (temperatureC: number) => number {
  const { tableLowC, tableHighC } = answerableTemperatures(recipe);
  // Read at each point: what the recipe refuses is refused here, and between two points ln t is linear in 1/T.
  const ordered = [...recipe.points].sort((a, b) => a.temperatureC - b.temperatureC);
  const coolest = filmTime(recipe, tableLowC);
  const energies =
    ordered.length === 1
      ? [coolest.activationEnergy]
      : ordered.slice(1).map((point, index) => activationEnergyBetween(ordered[index]!, point));
  const past = ordered.length > 1 ? pastTable(ordered) : undefined;
  return (temperatureC) => {
    if (past && (temperatureC < tableLowC || temperatureC > tableHighC))
      return sound(past(temperatureC));
    const above = ordered.findIndex((point) => point.temperatureC >= temperatureC);
    const segment = Math.min(
      energies.length - 1,
      Math.max(0, (above === -1 ? ordered.length : above) - 1),
    );
    const reference = ordered[segment]!;
    return sound(
      reference.seconds / developmentRate(temperatureC, reference.temperatureC, energies[segment]!),
    );
  };
}

/**
 * The temperature at which a recipe takes a given time: the reverse question.
 * @param recipe with one or more points
 * @param seconds wanted, s
 * @param factor what the recipe's time is multiplied by for push, agitation and the rest
 * @returns °C
 * @throws Refusal `time-out-of-reach` when no temperature that the recipe answers for takes that long
 * @source `filmTime`, inverted
 * @example
 * temperatureFor({ film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 570 }, { temperatureC: 22, seconds: 470 }], source: "guess" }, 470, 1) // ≈ 22
 */
export function temperatureFor(recipe: FilmRecipe, seconds: number, factor: number): number {
  const { lowC, highC } = answerableTemperatures(recipe);
  const timeAt = (temperatureC: number) => filmTime(recipe, temperatureC).seconds * factor;
  if (!(seconds <= timeAt(lowC) && seconds >= timeAt(highC))) {
    throw new Refusal(
      'time-out-of-reach',
      '/seconds',
      `Between ${lowC} and ${highC} °C, as far as this recipe answers, no temperature takes that long.`,
      { lowC, highC },
    );
  }
  return findRoot((temperatureC) => timeAt(temperatureC) - seconds, lowC, highC, 1e-6);
}

/**
 * The temperatures for which a recipe gives a time at all.
 * @param recipe with one or more points
 * @returns °C, from the coolest to the warmest, and the stretch its own points cover
 * @throws Refusal `recipe-without-time` without points
 * @source the limits of `filmTime`
 * @example
 * answerableTemperatures({ film: "Halden 400", boxSpeed: 400, developer: "Tansy", dilution: [1, 31], exposureIndex: 400, agitation: "each-minute", points: [{ temperatureC: 20, seconds: 570 }], source: "guess" }).lowC // = 16
 */
export function answerableTemperatures(recipe: FilmRecipe): {
  lowC: number;
  highC: number;
  tableLowC: number;
  tableHighC: number;
} {
  const temperatures = recipe.points.map((point) => point.temperatureC);
  if (temperatures.length === 0) {
    throw new Refusal('recipe-without-time', '/recipe/points', 'This recipe has no time yet.');
  }
  const tableLowC = Math.min(...temperatures);
  const tableHighC = Math.max(...temperatures);
  const beyond = temperatures.length === 1 ? MOST_FROM_SINGLE : MOST_PAST_TABLE;
  return sound({ lowC: tableLowC - beyond, highC: tableHighC + beyond, tableLowC, tableHighC });
}
