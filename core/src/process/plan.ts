import type { Agitation } from '../film/agitation/index.ts';
import type { SecondBath } from '../film/recipe.ts';
import { filmStepKinds, printStepKinds, stepKind, type StepKindId } from './step-kinds/index.ts';
import type { Afterwards } from './step-kinds/kind.ts';

/** One step of a plan: a bath, a time, and how it is kept moving. */
export interface ProcessStep {
  readonly id: string;
  readonly kind: StepKindId;
  readonly seconds: number;
  readonly agitation: Agitation;
  /** Where it differs from its kind's. */
  readonly afterwards?: Afterwards;
}

/** The school of when a step's clock starts. */
export type ClockStart = 'pouring-begins' | 'pouring-ends';

/** What the film lies in: a closed tank, or trays in the dark. */
export type Vessel = 'tank' | 'trays';

/** A film's or a sheet's way through the baths. */
export interface ProcessPlan {
  readonly steps: readonly ProcessStep[];
  /** How long the tank takes to pour out, s: the cue comes this early. */
  readonly drainSeconds: number;
  readonly clockStart: ClockStart;
  /** A closed tank unless said. */
  readonly vessel?: Vessel;
}

/** What a plan for film is made from. */
export interface FilmPlanChoices {
  readonly developmentSeconds: number;
  readonly agitation: Agitation;
  /** The kinds of step wanted, in their order. */
  readonly kinds: readonly StepKindId[];
  /** Times that differ from the usual ones, s. */
  readonly seconds: Partial<Record<StepKindId, number>>;
  /** Agitation that differs from the usual one. */
  readonly agitations?: Partial<Record<StepKindId, Agitation>>;
  /** What becomes of a bath, where it differs from the usual. */
  readonly afterwards?: Partial<Record<StepKindId, Afterwards>>;
  /** The second bath of a two-bath developer. */
  readonly secondBath?: SecondBath;
  readonly drainSeconds: number;
  readonly clockStart: ClockStart;
  readonly vessel?: Vessel;
}

/** The steps a film goes through unless somebody says otherwise. */
export const usualFilmKinds: readonly StepKindId[] = [
  'pre-soak',
  'developer',
  'stop',
  'fix',
  'wash',
  'wetting-agent',
];

/**
 * Puts one more kind of step where it belongs in the process, leaving the others in the order they were given.
 * @param kinds in their order
 * @param kind to be added
 * @returns the kinds with it; the same when it is there already
 * @source the usual order of the process
 * @example
 * withStep(["developer", "fix", "stop"], "pre-soak") // = ["pre-soak", "developer", "fix", "stop"]
 */
export function withStep(kinds: readonly StepKindId[], kind: StepKindId): StepKindId[] {
  if (kinds.includes(kind)) return [...kinds];
  const order: StepKindId[] = filmStepKinds.map(({ id }) => id);
  const later = kinds.findIndex((other) => order.indexOf(other) > order.indexOf(kind));
  return later === -1 ? [...kinds, kind] : [...kinds.slice(0, later), kind, ...kinds.slice(later)];
}

/**
 * Makes up the plan for a film, steps in the order given.
 * @param choices development time in s, agitation, kinds of step, own times, drain time, clock school
 * @returns the plan
 * @source usual times of each kind of step
 * @example
 * filmPlan({ developmentSeconds: 538, agitation: "each-minute", kinds: ["developer", "stop", "fix"], seconds: { fix: 210 }, drainSeconds: 10, clockStart: "pouring-begins" }).steps.map((step) => step.seconds) // = [538, 30, 210]
 */
export function filmPlan(choices: FilmPlanChoices): ProcessPlan {
  const { secondBath, vessel } = choices;
  const given: Partial<Record<StepKindId, { seconds: number; agitation: Agitation }>> = {
    developer: { seconds: choices.developmentSeconds, agitation: choices.agitation },
    ...(secondBath && { 'second-developer': secondBath }),
  };
  const steps = choices.kinds.map((id): ProcessStep => {
    const kind = stepKind(id);
    const afterwards = choices.afterwards?.[id];
    return {
      id,
      kind: id,
      seconds:
        (id === 'developer' ? undefined : choices.seconds[id]) ??
        given[id]?.seconds ??
        kind.usualSeconds,
      agitation: choices.agitations?.[id] ?? given[id]?.agitation ?? kind.agitation,
      ...(afterwards && { afterwards }),
    };
  });
  return {
    steps,
    drainSeconds: choices.drainSeconds,
    clockStart: choices.clockStart,
    ...(vessel && { vessel }),
  };
}

/** How long a sheet drips before the next tray, s; drain time counts in. */
const SHEET_DRAIN_SECONDS = 10;

/**
 * The plan for a sheet of resin-coated paper in trays.
 * @returns developer, stop, fix and wash with their usual times
 * @source usual tray times for resin-coated paper
 * @example
 * sheetPlan().steps.map((step) => step.seconds) // = [60, 15, 60, 300]
 */
export function sheetPlan(): ProcessPlan {
  return {
    steps: printStepKinds.map(({ id }) => {
      const { usualSeconds: seconds, agitation } = stepKind(id);
      return { id, kind: id, seconds, agitation };
    }),
    drainSeconds: SHEET_DRAIN_SECONDS,
    clockStart: 'pouring-begins',
  };
}
