/** One look at a highlight by a good eye errs by this, one standard deviation, stops. */
export const EYE_STOPS = 1 / 12;
/** A shadow is judged by its lightness: one look at a wet strip errs by this, one standard deviation, L*. */
export const EYE_LIGHTNESS = 2.4;

/** How somebody tells that a patch is right, and how far that errs. */
export interface WayOfLooking {
  readonly id: string;
  readonly name: string;
  readonly more: string;
  /** One look, one standard deviation, stops. */
  readonly withinStops: number;
  /** People differ: how many err by how many times that. */
  readonly people: readonly { readonly times: number; readonly share: number }[];
}

export const waysOfLooking = [
  {
    id: 'eye',
    name: 'by eye',
    more: 'against what the place is to look like',
    withinStops: EYE_STOPS,
    people: [
      { times: 1, share: 0.6 },
      { times: 1.5, share: 0.3 },
      { times: 2.5, share: 0.1 },
    ],
  },
  {
    id: 'card',
    name: 'beside the tone card',
    more: 'a strip of your own prints of VIII, VII, V, III and II: two greys side by side are told apart more finely than one from memory',
    withinStops: EYE_STOPS / 2,
    // A card of another box, or dry beside wet, is no better than the eye: as it turns out.
    people: [
      { times: 1, share: 0.8 },
      { times: 2, share: 0.2 },
    ],
  },
] as const satisfies readonly WayOfLooking[];

/** Who may be looking: how many err by how many times the usual, by eye and beside a card. */
export interface People {
  readonly eyes: WayOfLooking['people'];
  readonly cards: WayOfLooking['people'];
}
export type WayOfLookingId = (typeof waysOfLooking)[number]['id'];

/** What one look errs by in a way, one standard deviation, stops. */
export const lookWithin = (way: WayOfLookingId): number =>
  waysOfLooking.find(({ id }) => id === way)!.withinStops;

/** Nobody has looked yet. */
export const anybody: People = { eyes: waysOfLooking[0].people, cards: waysOfLooking[1].people };
