import type { EveningStep } from './evening.ts';
import { sharedThings, type RoomLight, type SharedId } from './shared.ts';

/** Later than this nothing is planned, s: two days. */
export const HORIZON_SECONDS = 172_800;
const NO_TIME = 1e-6;

interface Stretch {
  readonly from: number;
  readonly to: number;
  readonly light?: RoomLight | undefined;
}

/** What of the room is taken, and when: each list in the order of its beginnings, so that one look along it is enough. */
export class Busy {
  readonly #taken: Readonly<Record<SharedId, Stretch[]>>;
  readonly #lights: Stretch[];
  readonly #amounts: Readonly<Partial<Record<SharedId, number>>>;

  constructor(amounts: Readonly<Partial<Record<SharedId, number>>>, from?: Busy) {
    this.#amounts = amounts;
    this.#taken = Object.fromEntries(
      sharedThings.map(({ id }) => [id, from ? [...from.#taken[id]] : []]),
    ) as unknown as Record<SharedId, Stretch[]>;
    this.#lights = from ? [...from.#lights] : [];
  }

  copy(): Busy {
    return new Busy(this.#amounts, this);
  }

  take({ needs, light }: Pick<EveningStep, 'needs' | 'light'>, from: number, to: number): void {
    if (to - from < NO_TIME) return;
    for (const id of needs) insert(this.#taken[id], { from, to });
    if (light) insert(this.#lights, { from, to, light });
  }

  /** The first instant, not before one, from which all that a step needs is free for as long as it takes. */
  earliest({ needs, light, seconds }: EveningStep, notBefore: number): number {
    let at = notBefore;
    for (let moved = true; moved && at < HORIZON_SECONDS;) {
      moved = false;
      for (const id of needs) {
        const amount = this.#amounts[id] ?? 1;
        const free =
          amount === 1
            ? freeOfAll(this.#taken[id], at, seconds)
            : freeOfSome(this.#taken[id], amount, at, seconds);
        if (free > at + NO_TIME) [at, moved] = [free, true];
      }
      const lit = light ? freeOfAll(this.#lights, at, seconds, light) : at;
      if (lit > at + NO_TIME) [at, moved] = [lit, true];
    }
    return at;
  }
}

function insert(stretches: Stretch[], stretch: Stretch): void {
  let at = stretches.length;
  while (at > 0 && stretches[at - 1]!.from > stretch.from) at -= 1;
  stretches.splice(at, 0, stretch);
}

/** The first instant from which nothing lies across: of lights only another one does. */
function freeOfAll(
  stretches: readonly Stretch[],
  notBefore: number,
  seconds: number,
  light?: RoomLight,
): number {
  let at = notBefore;
  for (const one of stretches) {
    if (one.from >= at + seconds - NO_TIME) return at;
    if (one.to > at + NO_TIME && (light === undefined || one.light !== light)) at = one.to;
  }
  return at;
}

/** The first instant from which one of several is free. */
function freeOfSome(
  stretches: readonly Stretch[],
  amount: number,
  notBefore: number,
  seconds: number,
): number {
  let at = notBefore;
  for (;;) {
    const [now, to] = [at, at + seconds];
    const over = stretches.filter((one) => one.from < to - NO_TIME && one.to > now + NO_TIME);
    // Several may lie one after the other: what counts is how many lie over each other.
    const crowded = over.find(({ from }) => {
      const instant = Math.max(from, now) + NO_TIME;
      return over.filter((one) => one.from <= instant && one.to > instant).length >= amount;
    });
    if (!crowded) return at;
    const instant = Math.max(crowded.from, now) + NO_TIME;
    at = Math.min(
      ...over.filter((one) => one.from <= instant && one.to > instant).map((one) => one.to),
    );
  }
}
