import { drumPlan } from '@katachron/core';
import type { PaperThrough } from '../../../nouns/bath/through.ts';
import {
  placedBaths,
  pouringCautions,
  throughOf,
  type PlacedBath,
  type StandingBath,
} from '../../../nouns/bath/standing.ts';
import { USUAL_SIZE, paperSizes } from '../../../nouns/paper/sizes.ts';
import type { DrumForm } from './drum.ts';

const KINDS = drumPlan().steps.map(({ kind }) => kind);

/** The baths that the drum is filled from, and what is booked on them. */
export interface DrumBaths {
  readonly placed: readonly PlacedBath[];
  readonly baths?: PaperThrough;
  readonly cautions: readonly string[];
}

/** The drum's baths as they are chosen, or as they would be taken. */
export function drumBaths(form: DrumForm, standing: readonly StandingBath[]): DrumBaths {
  const placed = placedBaths(standing, {
    kinds: KINDS,
    chosen: {
      ...(form.developerBath && { 'drum-developer': form.developerBath }),
      ...(form.bleachFixBath && { 'drum-bleach-fix': form.bleachFixBath }),
    },
  });
  const { widthCm, heightCm } =
    paperSizes.find(({ id }) => id === form.size) ??
    paperSizes.find(({ id }) => id === USUAL_SIZE)!;
  const baths = throughOf(placed);
  return {
    placed,
    ...(baths.length > 0 && { baths: { widthCm, heightCm, baths } }),
    cautions: placed.flatMap(({ bath }) =>
      bath ? pouringCautions(bath, 'paper', widthCm * heightCm) : [],
    ),
  };
}
