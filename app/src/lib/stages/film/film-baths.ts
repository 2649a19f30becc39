import { filmArea, reuseFactor, type FilmLoad, type ProcessMoment } from '@katachron/core';
import { bathPlace } from '../../nouns/bath/places.ts';
import {
  pouringCautions,
  standingWords,
  type PlacedBath,
  type StandingBath,
} from '../../nouns/bath/standing.ts';
import { rollsThrough } from '../../nouns/bath/through-rolls.ts';
import { growsBy } from '../../nouns/recipe/grows.ts';
import type { RecipeBody } from '../../nouns/recipe/contract.ts';
import type { DevelopmentChoices, PlannedRoll } from '../../nouns/roll/contract.ts';
import { parseDecimal } from '../../words/decimal.ts';
import type { FilmDraft } from './draft.ts';

/**
 * The rolls that its developer has had, and how much of it there is: as typed, or as the ledger of its bath says. Only a recipe that
 * uses its developer again asks.
 * @throws Refusal for a number that is none of rolls
 */
export function rollsBefore(
  draft: Pick<FilmDraft, 'rollsBefore'>,
  recipe: Pick<RecipeBody, 'reuse'> | undefined,
  bath: StandingBath | undefined,
  volumeMl: number | undefined,
): Pick<DevelopmentChoices, 'rollsBefore' | 'developerMl'> {
  if (!growsBy(recipe?.reuse)) return {};
  const typed = draft.rollsBefore?.trim() ?? '';
  const sentence = 'Type the rolls already developed in it, for example 6.';
  const rolls =
    typed === '' ? bath && rollsThrough(bath) : parseDecimal(typed, '/rollsBefore', sentence);
  if (!rolls) return {};
  // The core says what is wrong with a number that is none of rolls.
  reuseFactor({ kind: 'replenish', mlPerRoll: 1 }, rolls);
  const developerMl = bath?.state.volumeMl ?? volumeMl;
  return {
    rollsBefore: rolls,
    ...(recipe?.reuse?.kind === 'by-area' && developerMl !== undefined && { developerMl }),
  };
}

/** What to be told of the baths before the first of them is poured. */
export function filmBathCautions(
  placed: readonly PlacedBath[],
  load: readonly FilmLoad[],
  recipe: Pick<RecipeBody, 'reuse'> | undefined,
): string[] {
  const areaCm2 = filmArea(load);
  return placed.flatMap(({ place, bath }) => {
    if (!bath) return [];
    const once = (recipe?.reuse?.kind ?? 'one-shot') === 'one-shot';
    const used = place === 'developer' && once && bath.state.filmCm2 > 0;
    return [
      ...pouringCautions(bath, 'film', areaCm2),
      ...(used
        ? [
            `${bath.name}: ${rollsThrough(bath)} rolls’ worth went through it, and this recipe uses its developer once.`,
          ]
        : []),
    ];
  });
}

/** Beside the sink: the bath that is poured next, how it is doing, and what to be told of it; nothing where none is written down. */
export function nextBathWords(
  { baths }: Pick<PlannedRoll, 'baths'>,
  { next }: Pick<ProcessMoment, 'next'>,
  standing: readonly StandingBath[],
): string[] {
  if (!baths || !next) return [];
  const place = baths.baths.find((one) =>
    bathPlace(one.place).kinds.some((kind) => kind === next.step.kind),
  );
  const bath = standing.find(({ id }) => id === place?.id);
  if (!bath) return [];
  return [
    `Next out of ${bath.name}, ${standingWords(bath)}.`,
    ...pouringCautions(bath, 'film', filmArea(baths.load)),
  ];
}
