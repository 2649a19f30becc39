/** What an enlarger's head does to the light, as data. */
export interface Head {
  readonly id: string;
  readonly name: string;
  /** What it does to the picture, in a sentence. */
  readonly does: string;
}

/** Every kind of head. */
export const heads = [
  {
    id: 'condenser',
    name: 'condenser',
    does: 'Directed light: harder by about half a grade, and dust and scratches show.',
  },
  {
    id: 'diffuser',
    name: 'diffuser',
    does: 'Soft light: dust hides, and dense silver scatters less away.',
  },
  {
    id: 'dials',
    name: 'yellow and magenta dials',
    does: 'Any contrast between its calibration points; both filters take light away.',
  },
  {
    id: 'two-lamps',
    name: 'two lamps, soft and hard',
    does: 'Each contrast is a share of the two lamps’ time.',
  },
] as const satisfies readonly Head[];

export type HeadId = (typeof heads)[number]['id'];
