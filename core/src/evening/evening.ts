import type { RoomLight, SharedId } from './shared.ts';

/** Something to do that is done in one go. */
export interface EveningStep {
  readonly id: string;
  /** How long it takes, s. */
  readonly seconds: number;
  /** What it has for itself that long. */
  readonly needs: readonly SharedId[];
  /** The light that the room must have; any unless said. */
  readonly light?: RoomLight;
  /** The next step begins at most so long after this one, s: a developer that is poured does not wait. Any time unless said. */
  readonly longestWaitSeconds?: number;
  /** It may go on after everybody has left: drying. */
  readonly outlasts?: boolean;
}

/** Steps that follow each other: a roll, a strip, a print. */
export interface EveningTask {
  readonly id: string;
  readonly steps: readonly EveningStep[];
  /** Not before this, s from now: a bottle is still warming. */
  readonly fromSeconds?: number;
  /** Only after another one has ended: a print after its strip. */
  readonly after?: string;
  /** When its first steps really began, s from now and mostly below zero: they stay where they are. */
  readonly begunSeconds?: readonly number[];
}

/** A time at which nobody's hands are there, s from now: dinner. */
export interface FixedPoint {
  readonly fromSeconds: number;
  readonly seconds: number;
}

/** Everything that an evening is planned from. */
export interface EveningQuestion {
  readonly tasks: readonly EveningTask[];
  /** How many there are of what is shared; one of each unless said. */
  readonly amounts?: Readonly<Partial<Record<SharedId, number>>>;
  readonly fixed?: readonly FixedPoint[];
  /** Everything but drying is over by then, s from now. */
  readonly untilSeconds?: number;
  /** The order that somebody wants instead of the one that ends soonest. */
  readonly order?: readonly string[];
}

/** A step and when it is done, s from now. */
export interface PlacedStep {
  readonly taskId: string;
  readonly stepId: string;
  readonly fromSeconds: number;
  readonly toSeconds: number;
}

/** A stretch in which hands are free, s from now. */
export interface IdleHands {
  readonly fromSeconds: number;
  readonly toSeconds: number;
}

/** An evening, planned. */
export interface EveningPlan {
  /** In the order of their beginning. */
  readonly steps: readonly PlacedStep[];
  /** When the last of them is over, drying aside, s from now. */
  readonly endSeconds: number;
  /** Between the first step and the end. */
  readonly idle: readonly IdleHands[];
  /** What does not fit before the end: another day. */
  readonly left: readonly string[];
  /** The order in which the tasks were given their places. */
  readonly order: readonly string[];
}
