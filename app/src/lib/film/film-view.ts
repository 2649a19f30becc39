import {
  agitationScheme,
  cautionsFor,
  Refusal,
  development,
  developmentCautions,
  driftedEnd,
  filmPlan,
  formatDilution,
  mixFor,
  recipeForSpeed,
  stepKind,
  type Development,
  type ProcessPlan,
  type StepKindId,
  type TankDrift,
} from '@katachron/core';
import type { FilmDraft } from '../contract/drafts.ts';
import type { Preferences } from '../contract/preferences.ts';
import type { Recipe } from '../contract/recipe.ts';
import type { RollBody } from '../contract/roll.ts';
import { attempt } from '../words/attempt.ts';
import { parseDecimal } from '../words/decimal.ts';
import { clockTime, parseDuration } from '../words/duration.ts';
import { filmReason } from '../words/film-reason.ts';
import { driftSentence, reverseSentence } from '../words/drift.ts';
import { pushSentence } from '../words/push.ts';
import { parseTemperature } from '../words/temperature.ts';
import { millilitres } from '../words/volume.ts';

/** How long a tank takes to pour out unless somebody says otherwise, s. */
const USUAL_DRAIN_SECONDS = 10;

/** A line of the plan on the page: a kind of step, in or out, with its time as typed. */
export interface PlanLine {
  readonly kind: StepKindId;
  readonly name: string;
  readonly included: boolean;
  readonly shown: string;
  readonly trouble?: string;
}

/** Everything the film page shows, from what was typed. */
export interface FilmView {
  readonly recipe?: Recipe;
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
  };
  readonly reasons: readonly string[];
  readonly cautions: readonly string[];
  /** Push or pull in a sentence; not there when the film was shot at its box speed. */
  readonly push?: string;
  readonly volumeMl?: number;
  /** What to measure, as a sentence. */
  readonly mix?: string;
  readonly smallMeasure: boolean;
  readonly agitation: string;
  readonly lines: readonly PlanLine[];
  readonly plan?: ProcessPlan;
}

/** The kinds a plan may have, in the order of the process; the developer is always in. */
const planKinds: readonly StepKindId[] = [
  'pre-soak',
  'developer',
  'stop',
  'water-stop',
  'fix',
  'washing-aid',
  'wash',
  'wetting-agent',
];

/** Works the film page out: no clock, no screen, the same answer for the same draft. */
export function filmView(
  draft: FilmDraft,
  recipes: readonly Recipe[],
  preferences: Pick<Preferences, 'unit' | 'clockStart'>,
): FilmView {
  const { unit } = preferences;
  const chosen = recipes.find(({ id }) => id === draft.recipeId) ?? recipes[0];
  const speed = attempt(() =>
    parseDecimal(
      draft.exposureIndex,
      '/exposureIndex',
      'Type the speed the film was shot at, for example 400.',
    ),
  );
  const exposureIndex = draft.exposureIndex.trim() === '' ? chosen?.exposureIndex : speed.value;
  const temperature = attempt(() => parseTemperature(draft.temperature, unit));
  const recipe = chosen && exposureIndex ? recipeForSpeed(recipes, chosen, exposureIndex) : chosen;

  const worked =
    recipe && exposureIndex !== undefined && temperature.value !== undefined
      ? attempt(() => development(recipe, temperature.value, exposureIndex))
      : undefined;
  const time = worked?.value;
  const volume = attempt(() =>
    parseDecimal(draft.volume, '/volumeMl', 'Type the volume in ml, for example 600.'),
  );
  const mixed =
    recipe && volume.value !== undefined
      ? attempt(() => mixFor(volume.value, recipe.dilution))
      : undefined;
  const drifting = driftOf(draft, unit);
  const drifted =
    recipe && time && temperature.value !== undefined && drifting.value
      ? attempt(() =>
          driftedEnd({
            recipe,
            factor: time.pushFactor,
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
      ? attempt(() => reverseSentence(recipe, asked.value, time.pushFactor, unit))
      : undefined;
  const reverseTrouble = asked?.trouble ?? reverse?.trouble;
  const seconds = ownTimes(draft);
  const lines = planKinds.map((kind) => planLine(kind, draft, developmentSeconds));
  const sound = lines.every(({ trouble }) => trouble === undefined);
  const push =
    recipe && exposureIndex !== undefined
      ? attempt(() => pushSentence(recipe.boxSpeed, exposureIndex))
      : undefined;
  const exposureTrouble =
    draft.exposureIndex.trim() === '' ? undefined : (speed.trouble ?? push?.trouble);
  const volumeTrouble = volume.trouble ?? mixed?.trouble;

  return {
    ...(recipe && { recipe }),
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
    },
    reasons:
      recipe && time
        ? [
            ...filmReason(recipe, time, unit),
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
    ...(mixed?.value && volume.value !== undefined && { volumeMl: volume.value }),
    ...(mixed?.value &&
      recipe && { mix: mixSentence(recipe, volume.value ?? 0, mixed.value.partsMl) }),
    smallMeasure: mixed?.value?.smallMeasure ?? false,
    agitation: recipe ? agitationScheme(recipe.agitation).name : '',
    lines,
    ...(time &&
      recipe &&
      sound && {
        plan: filmPlan({
          developmentSeconds: Math.round(developmentSeconds ?? time.seconds),
          agitation: recipe.agitation,
          kinds: ['developer', ...draft.kinds],
          seconds,
          drainSeconds: USUAL_DRAIN_SECONDS,
          clockStart: preferences.clockStart,
        }),
      }),
  };
}

/** How long a small tank takes to follow the room unless somebody says otherwise, minutes. */
export const USUAL_FOLLOW_MINUTES = 30;

/** The drift that was asked for: a room, and how long the tank takes to follow it. */
function driftOf(
  draft: FilmDraft,
  unit: Preferences['unit'],
): { value?: TankDrift; troubles: { room?: string; follows?: string } } {
  if (!draft.room?.trim()) return { troubles: {} };
  const room = attempt(() => parseTemperature(draft.room ?? '', unit, '/room'));
  const follows = attempt(() => {
    if (!draft.follows?.trim()) return USUAL_FOLLOW_MINUTES;
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

/** Times typed for steps, s, those that can be read. */
function ownTimes(draft: FilmDraft): Partial<Record<StepKindId, number>> {
  return Object.fromEntries(
    Object.entries(draft.times).flatMap(([kind, typed]) => {
      const { value } = attempt(() => parseDuration(typed));
      return value === undefined ? [] : [[kind, value]];
    }),
  );
}

function planLine(kind: StepKindId, draft: FilmDraft, developmentSeconds?: number): PlanLine {
  const { name, usualSeconds } = stepKind(kind);
  if (kind === 'developer') {
    const shown = developmentSeconds === undefined ? '–' : clockTime(developmentSeconds);
    return { kind, name, included: true, shown };
  }
  const included = draft.kinds.includes(kind);
  const typed = draft.times[kind];
  if (typed === undefined) return { kind, name, included, shown: clockTime(usualSeconds) };
  const read = attempt(() => parseDuration(typed));
  if (read.value === undefined) {
    return { kind, name, included, shown: typed, ...(included && { trouble: read.trouble }) };
  }
  return { kind, name, included, shown: clockTime(read.value) };
}

function mixSentence(recipe: Recipe, volumeMl: number, partsMl: readonly number[]): string {
  const [first = 0, ...rest] = partsMl;
  if (rest.length === 0) return `${millilitres(volumeMl)} ml of ${recipe.developer} stock.`;
  const water = rest.at(-1) ?? 0;
  const between = rest.slice(0, -1).map((part) => `${millilitres(part)} ml of the next part`);
  const parts = [
    `${millilitres(first)} ml ${recipe.developer}`,
    ...between,
    `${millilitres(water)} ml water`,
  ];
  return `${millilitres(volumeMl)} ml of ${formatDilution(recipe.dilution)}: ${parts.join(', ')}.`;
}

/** A developer further than this from what its time was worked out for is worth a word, °C. */
export const TEMPERATURE_TOLERANCE = 0.3;

/** What a reading during the run means. */
export type ReadingAdvice =
  | { readonly kind: 'developer-off'; readonly seconds?: number }
  | { readonly kind: 'baths-apart'; readonly sentence: string };

/**
 * What a reading means for the run: in the developer, against what it should read by now; in any other bath, against
 * the developer's temperature.
 * @returns undefined while it is near enough
 */
export function readingAdvice(
  roll: Pick<RollBody, 'recipe' | 'temperatureC' | 'exposureIndex'>,
  readC: number,
  inDeveloper: boolean,
  expectedC: number = roll.temperatureC,
): ReadingAdvice | undefined {
  if (!inDeveloper) {
    const facts = { seconds: Infinity, temperatureC: 20, pastTable: false };
    const apart = cautionsFor({ ...facts, bathTemperaturesC: [roll.temperatureC, readC] });
    const said = developmentCautions.find(({ id }) => apart.includes(id));
    return said && { kind: 'baths-apart', sentence: said.sentence };
  }
  if (Math.abs(readC - expectedC) <= TEMPERATURE_TOLERANCE + 1e-9) return undefined;
  const { value } = attempt(() => development(roll.recipe, readC, roll.exposureIndex));
  return { kind: 'developer-off', ...(value && { seconds: value.seconds }) };
}
