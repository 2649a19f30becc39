import {
  doseOf,
  filmArea,
  parseDilution,
  passageCost,
  rollEquivalents,
  ROLL_EQUIVALENT_CM2,
  type FilmLoad,
} from '@katachron/core';
import { attempt } from '../../words/attempt.ts';
import type { Bath } from '../bath/contract.ts';
import type { KeptEntry } from '../bath/ledger.ts';
import { bathPlaces } from '../bath/places.ts';
import type { StandingBath } from '../bath/standing.ts';
import { bathUses } from '../bath/uses.ts';
import type { PlannedRoll, Roll } from '../roll/contract.ts';
import type { Recipe } from '../recipe/contract.ts';
import { recipeOf } from '../recipe/for-roll.ts';
import type { Substance } from './contract.ts';
import { substanceOf } from './match.ts';

/** A litre is what is mixed where nobody said how much. */
const USUAL_MIX_ML = 1000;
/** What covers a roll equivalent in most tanks, ml. */
const USUAL_ROLL_ML = 300;

/** Everything that tells how much of a substance is gone. */
export interface StockFacts {
  readonly substances: readonly Substance[];
  /** All baths, those discarded too, with their ledgers. */
  readonly baths: readonly Bath[];
  readonly entries: Readonly<Record<string, readonly KeptEntry[]>>;
  /** Rolls that were developed; those in a bath of the shelf took nothing fresh. */
  readonly developed: readonly PlannedRoll[];
}

/** The dose in so much of a bath, ml; a bath whose dilution nobody wrote down was all of it. */
function doseIn(dilution: string | undefined, volumeMl: number): number {
  const parts = attempt(() => parseDilution(dilution ?? '')).value ?? [1];
  return attempt(() => doseOf(volumeMl, parts)).value ?? 0;
}

/** What of a substance was mixed since what is left of it was looked at, ml. */
function goneSince(substance: Substance, sinceMs: number, facts: StockFacts): number {
  const mixed = facts.baths.flatMap((bath) => {
    const { id, substanceId, mixedAtMs, volumeMl = 0, dilution } = bath;
    if (substanceId !== substance.id) return [];
    const added = (facts.entries[id] ?? []).flatMap(({ entry }) =>
      (entry.kind === 'topped-up' || entry.kind === 'replenished') && entry.atMs >= sinceMs
        ? [entry.volumeMl]
        : [],
    );
    return [...(mixedAtMs >= sinceMs ? [volumeMl] : []), ...added].map((ml) =>
      doseIn(dilution, ml),
    );
  });
  const poured = facts.developed.flatMap(({ startedAtMs, recipe, volumeMl, baths }) => {
    const fresh = !baths?.baths.some(({ place }) => place === 'developer');
    if (!fresh || startedAtMs === null || startedAtMs < sinceMs || volumeMl === undefined)
      return [];
    if (substanceOf(recipe, facts.substances)?.id !== substance.id) return [];
    return [attempt(() => doseOf(volumeMl, recipe.dilution)).value ?? 0];
  });
  return [...mixed, ...poured].reduce((sum, ml) => sum + ml, 0);
}

/** What is left of a substance, ml; undefined while nobody looked. */
export function stockLeft(substance: Substance, facts: StockFacts): number | undefined {
  const { haveMl, haveAtMs } = substance;
  if (haveMl === undefined) return undefined;
  return Math.max(0, haveMl - goneSince(substance, haveAtMs ?? 0, facts));
}

/** What an evening asks for. */
export interface Evening {
  /** Rolls that wait for the sink. */
  readonly waiting: readonly Roll[];
  readonly recipes: readonly Recipe[];
  readonly standing: readonly StandingBath[];
  /** Prints, and the area of one, cm². */
  readonly prints: number;
  readonly printCm2: number;
}

const loadOf = (roll: Roll): readonly FilmLoad[] =>
  roll.baths?.load ?? roll.tank?.load ?? [{ format: roll.exposed?.format ?? 'small-36', count: 1 }];

/** What an evening needs of each substance, ml: fresh developer for every roll, and a new bath where none that stands has room. */
export function eveningNeeds(
  substances: readonly Substance[],
  { waiting, recipes, standing, prints, printCm2 }: Evening,
): Map<string, number> {
  const needs = new Map<string, number>();
  const need = (id: string, ml: number) => needs.set(id, (needs.get(id) ?? 0) + ml);
  for (const roll of waiting) {
    const recipe = roll.recipe ?? recipeOf({ recipeId: '' }, recipes, roll);
    const substance = recipe && substanceOf(recipe, substances);
    if (!recipe || !substance) continue;
    const rolls = rollEquivalents(loadOf(roll));
    const again = (recipe.reuse?.kind ?? 'one-shot') !== 'one-shot';
    const stands = standing.some(
      (bath) => bath.use === 'film-developer' && bath.substanceId === substance.id,
    );
    if (again && stands) continue;
    const volumeMl = roll.volumeMl ?? rolls * USUAL_ROLL_ML;
    const least = (recipe.minimumMl ?? substance.minimumMl ?? 0) * rolls;
    // A roll that says it is no film at all takes nothing.
    const dose = attempt(() => doseOf(volumeMl, recipe.dilution)).value ?? 0;
    need(substance.id, Math.max(dose, least));
  }
  const film = waiting.reduce((sum, roll) => sum + filmArea(loadOf(roll)), 0);
  const areas = { film, paper: prints * printCm2 };
  for (const { id: use } of bathUses) {
    // Film developer is counted above, by its recipe; what stands in no place goes through no plan.
    if (use === 'film-developer') continue;
    const substance = substances.find((one) => one.use === use);
    const isWanted = bathPlaces.some((place) => place.use === use && areas[place.medium] > 0);
    if (!substance || !isWanted) continue;
    if (standing.some((bath) => bath.use === use && hasRoom(bath, areas))) continue;
    const parts = substance.dilutions[0] ?? [1];
    need(substance.id, attempt(() => doseOf(USUAL_MIX_ML, parts)).value ?? 0);
  }
  return needs;
}

/** Is there room in a bath for an evening? One of which nobody knows is taken as it is, until it is spent. */
function hasRoom({ state, media }: StandingBath, areas: { film: number; paper: number }): boolean {
  if (state.verdict === 'spent' || state.verdict === 'empty') return false;
  const { leftFilmCm2, leftPaperCm2 } = state;
  // What neither medium has a capacity for goes through it uncounted.
  const film = media.includes('film') && leftFilmCm2 ? areas.film / leftFilmCm2 : 0;
  const paper = media.includes('paper') && leftPaperCm2 ? areas.paper / leftPaperCm2 : 0;
  const full = [leftFilmCm2, leftPaperCm2].some((left) => left === 0);
  return !full && film + paper <= 1 + 1e-9;
}

/** What a roll and a print cost of a bath, by its ledger. */
export function bathCosts(
  bath: Pick<Bath, 'dilution' | 'volumeMl' | 'filmCm2PerLitre' | 'paperCm2PerLitre'>,
  { price, sizeMl }: Pick<Substance, 'price' | 'sizeMl'>,
  used: number,
  printCm2: number,
) {
  const { volumeMl, filmCm2PerLitre, paperCm2PerLitre, dilution } = bath;
  if (!price || !sizeMl || !volumeMl) return {};
  const dose = doseIn(dilution, volumeMl);
  const of = (areaCm2: number, perLitre: number | undefined) =>
    perLitre === undefined
      ? undefined
      : attempt(() =>
          passageCost(dose, { price, sizeMl }, areaCm2, (perLitre * volumeMl) / 1000, used),
        ).value;
  const [roll, print] = [of(ROLL_EQUIVALENT_CM2, filmCm2PerLitre), of(printCm2, paperCm2PerLitre)];
  return { ...(roll && { roll }), ...(print && { print }) };
}
