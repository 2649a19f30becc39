import { filmStepKinds, printStepKinds, stepKind, type StepKindId } from './step-kinds/index.ts';
import type { AgitationId } from '../film/agitation/index.ts';

/** One step of a plan: a bath, a time, and how it is kept moving. */
export interface ProcessStep {
  readonly id: string;
  readonly kind: StepKindId;
  readonly seconds: number;
  readonly agitation: AgitationId;
}

/** The school of when a step's clock starts. */
export type ClockStart = 'pouring-begins' | 'pouring-ends';

/** A film's or a sheet's way through the baths. */
export interface ProcessPlan {
  readonly steps: readonly ProcessStep[];
  /** How long the tank takes to pour out, s: the cue comes this early. */
  readonly drainSeconds: number;
  readonly clockStart: ClockStart;
}

/** What a plan for film is made from. */
export interface FilmPlanChoices {
  readonly developmentSeconds: number;
  readonly agitation: AgitationId;
  /** The kinds of step wanted; they are put in the order of the process. */
  readonly kinds: readonly StepKindId[];
  /** Times that differ from the usual ones, s. */
  readonly seconds: Partial<Record<StepKindId, number>>;
  readonly drainSeconds: number;
  readonly clockStart: ClockStart;
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
 * Makes up the plan for a film, steps in the order of the process.
 * @param choices development time in s, agitation, kinds of step, own times, drain time, clock school
 * @returns the plan
 * @source the usual order: pre-soak, developer, stop, fix, washing aid, wash, wetting agent
 * @example
 * filmPlan({ developmentSeconds: 538, agitation: "each-minute", kinds: ["fix", "developer", "stop"], seconds: { fix: 210 }, drainSeconds: 10, clockStart: "pouring-begins" }).steps.map((step) => step.seconds) // = [538, 30, 210]
 */
export function filmPlan(choices: FilmPlanChoices): ProcessPlan {
  const steps = filmStepKinds
    .filter((kind) => choices.kinds.includes(kind.id))
    .map((kind): ProcessStep => {
      if (kind.id === 'developer') {
        const { developmentSeconds: seconds, agitation } = choices;
        return { id: kind.id, kind: kind.id, seconds, agitation };
      }
      const seconds = choices.seconds[kind.id] ?? kind.usualSeconds;
      return { id: kind.id, kind: kind.id, seconds, agitation: kind.agitation };
    });
  return { steps, drainSeconds: choices.drainSeconds, clockStart: choices.clockStart };
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
