import { ROLL_EQUIVALENT_CM2 } from '@katachron/core';
import type { StandingBath } from './standing.ts';

/** Rolls that went through a developer, sheets by their area. */
export const rollsThrough = ({ state }: StandingBath): number =>
  Math.max(0, Number((state.filmCm2 / ROLL_EQUIVALENT_CM2).toFixed(2)));
