import {
  cautionsFor,
  Refusal,
  development,
  developmentCautions,
  driftedEnd,
  filmPlan,
  formatDilution,
  measure,
  mixFor,
  pushBetween,
  readOffClock,
  recipeForSpeed,
  stepKind,
  type Development,
  type ProcessPlan,
  type StepKindId,
  type LearnedTimeConstant,
  type TankDrift,
} from '@katachron/core';
import type { FilmDraft } from './draft.ts';
import type { Preferences } from '../../bench/desk/preferences.ts';
import type { Recipe } from '../../nouns/recipe/contract.ts';
import {
  type DevelopmentChoices,
  type PlannedRollBody,
  type Roll,
} from '../../nouns/roll/contract.ts';
import { filmOf } from '../../nouns/roll/film-of.ts';
import type { Substance } from '../../nouns/substance/contract.ts';
import { substanceOf } from '../../nouns/substance/match.ts';
import type { Tank } from '../../nouns/tank/contract.ts';
import { attempt } from '../../words/attempt.ts';
import { parseDecimal } from '../../words/decimal.ts';
import { clockTime, parseDuration } from '../../words/duration.ts';
import { filmReason } from '../../words/film-reason.ts';
import { factorLines, type FactorLine } from '../../nouns/roll/factors.ts';
import { driftSentence, reverseSentence } from '../../words/drift.ts';
import { pushSentence } from '../../words/push.ts';
import { plainList } from '../../words/list.ts';
import { degreesApart, parseTemperature, type Unit } from '../../words/temperature.ts';
import { parseReading, type Thermometer } from '../../words/reading.ts';
import { parseVolume, partsInWords, volumeWords, type VolumeUnit } from '../../words/volume.ts';
import { placedBaths, type PlacedBath, type StandingBath } from '../../nouns/bath/standing.ts';
import { filmBathCautions, rollsBefore } from './film-baths.ts';
import { kindsOf, ownTimes, planView, type PlanView } from './plan-view.ts';
import { ownCurve, type OwnCurve } from '../../nouns/calibration/own-curves.ts';
import { recipeOf } from '../../nouns/recipe/for-roll.ts';
import { tankView, type TankView } from './tank-view.ts';
import { warmBottle } from './warm-bottle.ts';

/** How long a tank takes to pour out unless somebody says otherwise, s. */
const USUAL_DRAIN_SECONDS = 10;

/** Everything the film page shows, from what was typed. */
export interface FilmView {
  readonly recipe?: Recipe;
  /** The roll that was chosen has a film for which there is no recipe: what is asked then. */
  readonly asks?: string;
  readonly exposureIndex?: number;
  readonly temperatureC?: number;
  readonly development?: Development;
  /** The time to develop for: the development's, or where the drift is followed the time at which it is done. */
  readonly seconds?: number;
  readonly drift?: TankDrift;
  /** Why there is no time, when there is none. */
  readonly refusal?: string;
  /** The answer to the reverse question. */
  readonly reverse?: string;
  readonly troubles: {
    readonly temperature?: string;
    readonly exposureIndex?: string;
    readonly volume?: string;
    readonly room?: string;
    readonly follows?: string;
    readonly atLeast?: string;
    readonly rollsBefore?: string;
    readonly films?: string;
    readonly warmTo?: string;
    readonly waterBath?: string;
    readonly baths: Readonly<Record<string, string>>;
  };
  readonly reasons: readonly string[];
  readonly cautions: readonly string[];
  /** Push or pull in a sentence; not there when the film was shot at its box speed. */
  readonly push?: string;
  /** By so many stops, whether or not anything else is known yet. */
  readonly pushStops?: number;
  readonly volumeMl?: number;
  /** What to measure, as a sentence. */
  readonly mix?: string;
  /** What the vessel makes of the concentrate, where that is worth a word. */
  readonly measure?: string;
  /** That the other baths want as much. */
  readonly eachBath?: string;
  /** What the other baths read, where one of them is too far from the developer. */
  readonly bathsApart?: string;
  /** What each bath reads, °C, by step. */
  readonly bathsC: Readonly<Record<string, number>>;
  /** What differs from the recipe, to be kept with the roll. */
  readonly choices?: DevelopmentChoices;
  /** Everything the recipe's time was multiplied by, a line each. */
  readonly factors: readonly FactorLine[];
  /** What a wrong clock on the wall shows. */
  readonly wrongClock?: string;
  /** How to bring the bottle to a temperature. */
  readonly warm?: string;
  /** How long the tank takes to follow the room unless it is typed, and where that comes from. */
  readonly follows: { readonly minutes: number; readonly from: string };
  readonly tank: TankView;
  /** The baths it goes through, where some stand mixed, and what to be told before they are poured. */
  readonly placed: readonly PlacedBath[];
  /** The developer as it stands in the cupboard. */
  readonly substance?: Substance;
  readonly bathCautions: readonly string[];
  readonly steps: PlanView;
  readonly plan?: ProcessPlan;
}

/** What the page has to choose from. */
export interface FilmShelf {
  readonly recipes: readonly Recipe[];
  readonly tanks?: readonly Tank[];
  /** What the runs of the chosen tank have taught. */
  readonly lesson?: LearnedTimeConstant | undefined;
  /** Rolls that wait for the sink; one of them may be chosen. */
  readonly waiting?: readonly Roll[];
  /** The baths that stand mixed. */
  readonly standing?: readonly StandingBath[];
  /** What stands in the cupboard. */
  readonly substances?: readonly Substance[];
  /** Films whose own curve a test told. */
  readonly curves?: readonly OwnCurve[];
}

/** Works the film page out: no clock, no screen, the same answer for the same draft. */
export function filmView(
  draft: FilmDraft,
  {
    recipes,
    tanks = [],
    lesson,
    waiting = [],
    standing = [],
    substances = [],
    curves = [],
  }: FilmShelf,
  preferences: Pick<
    Preferences,
    'unit' | 'clockStart' | 'clockFactor' | 'volumeUnit' | 'divisionMl'
  > & { readonly thermometer?: Thermometer | undefined },
): FilmView {
  const { unit, clockFactor = 1, volumeUnit = 'ml', divisionMl = 1, thermometer } = preferences;
  const roll = waiting.find(({ id }) => id === draft.rollId);
  const chosen = recipeOf(draft, recipes, roll);
  const speed = attempt(() =>
    parseDecimal(
      draft.exposureIndex,
      '/exposureIndex',
      'Type the speed the film was shot at, for example 400.',
    ),
  );
  const exposureIndex = draft.exposureIndex.trim() === '' ? chosen?.exposureIndex : speed.value;
  const temperature = attempt(() => parseReading(draft.temperature, unit, thermometer));
  const recipe = chosen && exposureIndex ? recipeForSpeed(recipes, chosen, exposureIndex) : chosen;
  const asks = roll && !chosen ? noRecipe(roll) : undefined;

  const volume = attempt(() => parseVolume(draft.volume, volumeUnit));
  const substance = recipe && substanceOf(recipe, substances);
  const placed = placedBaths(standing, {
    kinds: kindsOf(draft, recipe),
    chosen: draft.through,
    ...(recipe && {
      developer: {
        name: recipe.developer,
        dilution: recipe.dilution,
        ...(substance && { substanceId: substance.id }),
      },
    }),
  });
  const developerBath = placed.find(({ place }) => place === 'developer')?.bath;
  const choices = choicesOf(draft, recipe, developerBath, volume.value);
  const worked =
    recipe && exposureIndex !== undefined && temperature.value !== undefined
      ? attempt(() => development(recipe, temperature.value, exposureIndex, choices.value), unit)
      : undefined;
  const time = worked?.value;
  const mixed =
    recipe && volume.value !== undefined
      ? attempt(() => mixFor(volume.value, recipe.dilution))
      : undefined;
  // The least for a roll is the recipe's, or what its developer's own data sheet says.
  const minimumMl = recipe?.minimumMl ?? substance?.minimumMl;
  const tank = tankView(
    draft,
    tanks,
    recipe && { ...recipe, ...(minimumMl !== undefined && { minimumMl }) },
    volume.value,
    volumeUnit,
  );
  const follows = followsIn(tank.tank, lesson);
  const drifting = driftOf(draft, unit, follows.minutes);
  const drifted =
    recipe && time && temperature.value !== undefined && drifting.value
      ? attempt(() =>
          driftedEnd({
            recipe,
            factor: time.factor,
            readings: [{ seconds: 0, temperatureC: temperature.value }],
            drift: drifting.value,
          }),
        )
      : undefined;
  const developmentSeconds = drifted?.value?.endSeconds ?? time?.seconds;
  const asked = draft.atLeast?.trim()
    ? attempt(() => parseDuration(draft.atLeast ?? '', '/atLeast'))
    : undefined;
  const reverse =
    recipe && time && asked?.value !== undefined
      ? attempt(() => reverseSentence(recipe, asked.value, time.factor, unit), unit)
      : undefined;
  const reverseTrouble = asked?.trouble ?? reverse?.trouble;
  const plan = planView(draft, recipe, developmentSeconds);
  const warm = warmBottle(draft, temperature.value, unit, thermometer);
  const sound =
    plan.lines.every(({ trouble }) => trouble === undefined) && choices.trouble === undefined;
  const push =
    recipe && exposureIndex !== undefined
      ? attempt(() => pushSentence(recipe.boxSpeed, exposureIndex))
      : undefined;
  const exposureTrouble =
    draft.exposureIndex.trim() === '' ? undefined : (speed.trouble ?? push?.trouble);
  const volumeTrouble = volume.trouble ?? mixed?.trouble;
  const baths = bathsOf(draft, plan.kinds, unit, thermometer);
  const apart = bathsApart(baths.valuesC, temperature.value, unit);

  return {
    ...(recipe && { recipe }),
    ...(asks && { asks }),
    ...(exposureIndex !== undefined && { exposureIndex }),
    ...(temperature.value !== undefined && { temperatureC: temperature.value }),
    ...(time && { development: time }),
    ...(developmentSeconds !== undefined && { seconds: developmentSeconds }),
    ...(drifting.value && { drift: drifting.value }),
    ...(reverse?.value && { reverse: reverse.value }),
    ...(worked?.trouble && { refusal: worked.trouble }),
    troubles: {
      ...(temperature.trouble &&
        draft.temperature.trim() !== '' && { temperature: temperature.trouble }),
      ...(exposureTrouble && { exposureIndex: exposureTrouble }),
      ...(volumeTrouble && { volume: volumeTrouble }),
      ...drifting.troubles,
      ...(drifted?.trouble && { room: drifted.trouble }),
      ...(reverseTrouble && { atLeast: reverseTrouble }),
      ...(choices.trouble && { rollsBefore: choices.trouble }),
      ...(tank.trouble && { films: tank.trouble }),
      ...warm.troubles,
      baths: baths.troubles,
    },
    reasons:
      recipe && time
        ? [
            ...filmReason(recipe, time, unit, ownCurve(curves, recipe.film)?.character),
            ...(drifted?.value && drifting.value
              ? [driftSentence(time.seconds, drifted.value, drifting.value, unit)]
              : []),
          ]
        : [],
    cautions: developmentCautions
      // That a time is past the table is the first thing its reason says.
      .filter(({ id }) => id !== 'past-table' && time?.cautions.includes(id))
      .map(({ sentence }) => sentence),
    ...(push?.value && exposureIndex !== recipe?.boxSpeed && { push: push.value }),
    ...(push?.value &&
      recipe &&
      exposureIndex !== undefined && {
        pushStops: pushBetween(recipe.boxSpeed, exposureIndex).stops,
      }),
    ...(mixed?.value && volume.value !== undefined && { volumeMl: volume.value }),
    ...(mixed?.value &&
      recipe && { mix: mixSentence(recipe, volume.value ?? 0, mixed.value.partsMl, volumeUnit) }),
    ...(mixed?.value && recipe && measureFact(recipe, mixed.value.partsMl, divisionMl, volumeUnit)),
    ...(volume.value !== undefined &&
      mixed?.value &&
      eachBath(plan.kinds, volume.value, volumeUnit)),
    ...(apart && { bathsApart: apart }),
    bathsC: baths.valuesC,
    ...(choices.value && { choices: choices.value }),
    factors: recipe && time ? factorLines(recipe, time, choices.value ?? {}) : [],
    ...(developmentSeconds !== undefined &&
      clockFactor !== 1 && {
        wrongClock: `Your clock, ×${Number(clockFactor.toFixed(3))}, shows ${clockTime(readOffClock(developmentSeconds, clockFactor))} by then.`,
      }),
    ...(warm.sentence && { warm: warm.sentence }),
    follows,
    tank,
    placed,
    ...(substance && { substance }),
    bathCautions: filmBathCautions(placed, tank.load, recipe),
    steps: plan,
    ...(time &&
      recipe &&
      sound && {
        plan: filmPlan({
          developmentSeconds: Math.round(developmentSeconds ?? time.seconds),
          agitation: choices.value?.agitation ?? recipe.agitation,
          kinds: plan.kinds,
          seconds: ownTimes(draft),
          agitations: draft.agitations ?? {},
          afterwards: Object.fromEntries(
            plan.lines.map(({ kind, afterwards }) => [kind, afterwards]),
          ),
          ...(recipe.secondBath && { secondBath: recipe.secondBath }),
          drainSeconds: tank.tank?.drainSeconds ?? USUAL_DRAIN_SECONDS,
          clockStart: preferences.clockStart,
          ...(draft.vessel === 'trays' && { vessel: draft.vessel }),
        }),
      }),
  };
}

/** How long a small tank takes to follow the room unless somebody says otherwise, minutes. */
const USUAL_FOLLOW_MINUTES = 30;

/** How long a tank takes to follow the room: as it was written down, as its runs have taught, or as is usual. */
function followsIn(
  tank: Tank | undefined,
  lesson: LearnedTimeConstant | undefined,
): FilmView['follows'] {
  if (tank?.timeConstantSeconds !== undefined) {
    return { minutes: Math.round(tank.timeConstantSeconds / 60), from: 'as written down' };
  }
  if (tank && lesson) {
    const runs = lesson.runs === 1 ? 'its last run' : `its ${lesson.runs} runs`;
    return { minutes: Math.round(lesson.seconds / 60), from: `learned from ${runs}` };
  }
  return { minutes: USUAL_FOLLOW_MINUTES, from: '' };
}

/** The drift that was asked for: a room, and how long the tank takes to follow it. */
function driftOf(
  draft: FilmDraft,
  unit: Preferences['unit'],
  usualMinutes: number,
): { value?: TankDrift; troubles: { room?: string; follows?: string } } {
  if (!draft.room?.trim()) return { troubles: {} };
  const room = attempt(() => parseTemperature(draft.room ?? '', unit, '/room'));
  const follows = attempt(() => {
    if (!draft.follows?.trim()) return usualMinutes;
    const sentence = 'Type how many minutes the tank takes to follow the room, for example 30.';
    const minutes = parseDecimal(draft.follows, '/follows', sentence);
    if (minutes < 1 || minutes > 1440) throw new Refusal('follows', '/follows', sentence);
    return minutes;
  });
  if (room.value === undefined || follows.value === undefined) {
    return {
      troubles: {
        ...(room.trouble && { room: room.trouble }),
        ...(follows.trouble && { follows: follows.trouble }),
      },
    };
  }
  return { value: { ambientC: room.value, timeConstantSeconds: follows.value * 60 }, troubles: {} };
}

/** What of this run differs from its recipe. */
function choicesOf(
  draft: FilmDraft,
  recipe: Recipe | undefined,
  bath: StandingBath | undefined,
  volumeMl: number | undefined,
): { value?: DevelopmentChoices; trouble?: string } {
  const agitation = draft.agitations?.developer;
  const n = draft.n !== undefined && recipe?.contrast?.some((one) => one.n === draft.n);
  const before = attempt(() => rollsBefore(draft, recipe, bath, volumeMl));
  if (before.trouble) return { trouble: before.trouble };
  return {
    value: {
      ...(agitation && { agitation }),
      ...before.value,
      ...(n && draft.n !== 0 && { n: draft.n }),
    },
  };
}

/** What is asked when a roll's film has no recipe: never an answer for another film. */
function noRecipe(roll: Roll): string {
  const { film, boxSpeed } = filmOf(roll);
  const { value } = attempt(() => pushSentence(boxSpeed, roll.exposureIndex));
  const speeds = value ?? `box speed ISO ${boxSpeed}, shot at EI ${roll.exposureIndex}`;
  return `There is no recipe for ${film} yet. This roll was ${speeds}.`;
}

function mixSentence(
  recipe: Recipe,
  volumeMl: number,
  partsMl: readonly number[],
  unit: VolumeUnit,
): string {
  if (partsMl.length === 1) return `${volumeWords(volumeMl, unit)} of ${recipe.developer} stock.`;
  const shown = partsInWords(partsMl, unit);
  const names = [recipe.developer, ...partsMl.slice(1, -1).map(() => 'of the next part'), 'water'];
  const parts = shown.map((part, place) => `${part} ${names[place]}`);
  return `${volumeWords(volumeMl, unit)} of ${formatDilution(recipe.dilution)}: ${parts.join(', ')}.`;
}

const percent = (share: number) => `${Math.abs(100 * share).toFixed(1)} %`;

/** How well the concentrate can be measured, where it is little. */
function measureFact(
  recipe: Recipe,
  partsMl: readonly number[],
  divisionMl: number,
  unit: VolumeUnit,
): Pick<FilmView, 'measure'> {
  const [doseMl = 0] = partsMl;
  if (partsMl.length === 1) return {};
  const { value } = attempt(() => measure(doseMl, divisionMl));
  if (!value?.tooSmall) return {};
  const reads = volumeWords(value.measuredMl, unit);
  return {
    measure:
      `A vessel divided in ${volumeWords(divisionMl, unit)} measures ${reads} of ${recipe.developer}: ` +
      `${percent(value.rounding)} ${value.rounding < 0 ? 'less' : 'more'}, and ${percent(value.reading)} either way by eye. ` +
      'Take a syringe, mix more, or dilute in two stages.',
  };
}

/** Every bath of the plan wants as much as the developer. */
function eachBath(
  kinds: readonly StepKindId[],
  volumeMl: number,
  unit: VolumeUnit,
): Pick<FilmView, 'eachBath'> {
  const others = kinds.filter((kind) => kind !== 'developer').map((kind) => stepKind(kind).name);
  if (others.length === 0) return {};
  return {
    eachBath: `As much of each other bath, ${volumeWords(volumeMl, unit)}: ${plainList(others.map((name) => name.toLowerCase()))}.`,
  };
}

/** What the other baths read, as typed before the start. */
function bathsOf(
  draft: FilmDraft,
  kinds: readonly StepKindId[],
  unit: Unit,
  thermometer: Thermometer | undefined,
) {
  const read = kinds
    .filter((kind) => kind !== 'developer' && draft.baths?.[kind]?.trim())
    .map(
      (kind) =>
        [kind, attempt(() => parseReading(draft.baths?.[kind] ?? '', unit, thermometer))] as const,
    );
  return {
    valuesC: Object.fromEntries(
      read.flatMap(([kind, { value }]) => (value === undefined ? [] : [[kind, value]])),
    ) as Record<string, number>,
    troubles: Object.fromEntries(
      read.flatMap(([kind, { trouble }]) => (trouble ? [[kind, trouble]] : [])),
    ) as Record<string, string>,
  };
}

/** A caution when the baths, side by side, are too far apart. */
function bathsApart(
  valuesC: Readonly<Record<string, number>>,
  developerC: number | undefined,
  unit: Unit,
): string | undefined {
  const all = [...(developerC === undefined ? [] : [developerC]), ...Object.values(valuesC)];
  const facts = { seconds: Infinity, temperatureC: 20, pastTable: false, bathTemperaturesC: all };
  const [id] = cautionsFor(facts);
  const said = developmentCautions.find((caution) => caution.id === id)?.sentence;
  if (!said) return undefined;
  const apart = degreesApart(Math.max(...all) - Math.min(...all), unit);
  return `${apart} apart. ${said}`;
}

/** A developer further than this from what its time was worked out for is worth a word, °C. */
export const TEMPERATURE_TOLERANCE = stepKind('developer').toleranceC;

/** What a reading during the run means. */
export type ReadingAdvice =
  | { readonly kind: 'developer-off'; readonly seconds?: number }
  | { readonly kind: 'baths-apart'; readonly sentence: string };

/**
 * What a reading means for the run: in the developer, against what it should read by now; in any other bath, against
 * the developer's temperature, by the tolerance of that bath.
 * @returns undefined while it is near enough
 */
export function readingAdvice(
  roll: Pick<PlannedRollBody, 'recipe' | 'temperatureC' | 'exposureIndex' | 'choices'>,
  readC: number,
  kind: StepKindId | undefined,
  expectedC: number = roll.temperatureC,
): ReadingAdvice | undefined {
  if (kind === undefined) return undefined;
  const { toleranceC, inSentence } = stepKind(kind);
  if (kind !== 'developer') {
    if (Math.abs(readC - roll.temperatureC) <= toleranceC + 1e-9) return undefined;
    const facts = { seconds: Infinity, temperatureC: 20, pastTable: false };
    const apart = cautionsFor({ ...facts, bathTemperaturesC: [roll.temperatureC, readC] });
    const said = developmentCautions.find(({ id }) => apart.includes(id));
    const within = `${toleranceC} °C (${Number((toleranceC * 1.8).toFixed(1))} °F)`;
    const sentence = `The ${inSentence} should be within ${within} of the developer.`;
    return { kind: 'baths-apart', sentence: said?.sentence ?? sentence };
  }
  if (Math.abs(readC - expectedC) <= toleranceC + 1e-9) return undefined;
  const { value } = attempt(() =>
    development(roll.recipe, readC, roll.exposureIndex, roll.choices),
  );
  return { kind: 'developer-off', ...(value && { seconds: value.seconds }) };
}
