/** What keeps light off a place, or lets it through. */
export interface PlanTool {
  readonly id: string;
  readonly name: string;
  readonly burns: boolean;
  readonly holdsBack: boolean;
  /** Hands that it takes while it is used; a mask lies by itself. */
  readonly hands: 0 | 1;
  /** How it is used. */
  readonly how: string;
}

/** The tools of a print plan. */
export const planTools = [
  {
    id: 'hand',
    name: 'hand',
    burns: true,
    holdsBack: true,
    hands: 1,
    how: 'hand moving',
  },
  {
    id: 'card',
    name: 'card',
    burns: true,
    holdsBack: true,
    hands: 1,
    how: 'edge of a card moving',
  },
  {
    id: 'card-with-hole',
    name: 'card with a hole',
    burns: true,
    holdsBack: false,
    hands: 1,
    how: 'card with a hole moving',
  },
  {
    id: 'wand',
    name: 'wand',
    burns: false,
    holdsBack: true,
    hands: 1,
    how: 'wand moving, its wire too',
  },
  {
    id: 'cut-mask',
    name: 'cut mask',
    burns: true,
    holdsBack: true,
    hands: 0,
    how: 'cut mask laid in place before',
  },
] as const satisfies readonly PlanTool[];

export type PlanToolId = (typeof planTools)[number]['id'];

/**
 * The tools that can do what an area needs.
 * @param stops positive burns, negative is held back
 * @returns tools, the usual one first
 * @source a card with a hole burns, a wand holds back
 * @example
 * toolsFor(0.5)[0].id // = "card-with-hole"
 * toolsFor(-0.5)[0].id // = "wand"
 */
export function toolsFor(stops: number): readonly PlanTool[] {
  const usual = stops > 0 ? 'card-with-hole' : 'wand';
  const fit = planTools.filter(({ burns, holdsBack }) => (stops > 0 ? burns : holdsBack));
  return [...fit].sort((a, b) => Number(b.id === usual) - Number(a.id === usual));
}
