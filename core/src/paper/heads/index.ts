import type { NegativeLightId } from '../negative-lights.ts';
import type { ContrastSetId } from '../contrast-sets/index.ts';

/** What an enlarger's head does to the light, as data. */
export interface Head {
  readonly id: string;
  readonly name: string;
  /** How it lights the negative. */
  readonly negativeLight: NegativeLightId;
  /** What it does to the picture, in a sentence. */
  readonly does: string;
  /** The set of contrasts that it brings along; filters or grades otherwise. */
  readonly contrastSetId?: ContrastSetId;
}

/** Every kind of head. */
export const heads = [
  {
    id: 'condenser',
    negativeLight: 'directed',
    name: 'condenser',
    does: 'Directed light: harder by about half a grade, and dust and scratches show.',
  },
  {
    id: 'diffuser',
    negativeLight: 'diffuse',
    name: 'diffuser',
    does: 'Soft light: dust hides, and dense silver scatters less away.',
  },
  {
    id: 'dials',
    negativeLight: 'diffuse',
    name: 'yellow and magenta dials',
    does: 'Any contrast between its calibration points; both filters take light away.',
    contrastSetId: 'dials',
  },
  {
    id: 'two-lamps',
    negativeLight: 'diffuse',
    name: 'two lamps, soft and hard',
    does: 'Each contrast is a share of the two lamps’ time.',
    contrastSetId: 'lamps',
  },
] as const satisfies readonly Head[];

export type HeadId = (typeof heads)[number]['id'];

/**
 * A kind of head by its id.
 * @param id one of the ids in `heads`
 * @returns its definition
 * @source this folder's index
 * @example
 * headOf("dials").contrastSetId // = "dials"
 */
export function headOf(id: HeadId): Head {
  return heads.find((head) => head.id === id)!;
}
