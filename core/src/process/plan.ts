import { sound } from '../quantity/sound.ts';
import { Refusal } from '../refusal.ts';
import type { Agitation } from '../film/agitation/index.ts';
import type { SecondBath } from '../film/recipe.ts';
import { fixAgitation } from './fix-agitation.ts';
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
  sound(choices);
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
      agitation:
        choices.agitations?.[id] ??
        given[id]?.agitation ??
        (kind.opensToLightAfter !== null ? fixAgitation(choices.agitation) : kind.agitation),
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

/** What a sheet is coated on: fibre takes longer in every bath. */
export type PaperBase = 'resin-coated' | 'fibre';

/** What lies in the trays: a strip or a test piece that is looked at early, or a print that goes all the way. */
export type SheetKind = 'strip' | 'print';

/** Tray times where they are not a step's usual ones, s. */
const sheetSeconds: Record<PaperBase, Partial<Record<StepKindId, number>>> = {
  'resin-coated': {},
  fibre: {
    'print-developer': 120,
    'print-stop': 30,
    'print-short-fix': 45,
    'print-fix': 120,
    'print-second-fix': 120,
    'print-washing-aid': 600,
    'print-wash': 3600,
    'print-dry': 28_800,
  },
};

/** Tray times that another tray shortens, s: half the fix in each of two baths, and less wash after a washing aid. */
const shortened: readonly {
  readonly by: StepKindId;
  readonly base: PaperBase;
  readonly kind: StepKindId;
  readonly seconds: number;
}[] = [
  { by: 'print-second-fix', base: 'resin-coated', kind: 'print-fix', seconds: 30 },
  { by: 'print-washing-aid', base: 'fibre', kind: 'print-wash', seconds: 1800 },
];

/** Trays that a print goes through only where they are wanted, each with those that come with it. */
export const sheetExtras = [
  { id: 'second-fix', name: 'a second fix', kinds: ['print-second-fix'] },
  { id: 'hold', name: 'holding water', kinds: ['print-hold'] },
  { id: 'washing-aid', name: 'washing aid', kinds: ['print-rinse', 'print-washing-aid'] },
  { id: 'toner', name: 'toner', kinds: ['print-toner'] },
  { id: 'dry', name: 'drying', kinds: ['print-dry'] },
] as const satisfies readonly {
  readonly id: string;
  readonly name: string;
  readonly kinds: readonly StepKindId[];
}[];
export type SheetExtraId = (typeof sheetExtras)[number]['id'];

/**
 * The plan for a sheet of paper in trays. A strip has a short fix, just long enough to look at it in white light; whoever
 * keeps it goes on with the whole fix.
 * @param kind a strip, or a print
 * @param base of the paper
 * @param also trays of a print that are there only where they are wanted
 * @returns developer, stop, the short fix of a strip, fix and wash with their usual times in s, and what is wanted besides
 * @source usual tray times; 15 s in rapid fixer are enough to look at resin-coated paper, 30 to 60 s at fibre; fibre is washed
 * 5 min, 10 in washing aid and 30, or an hour without it; on a line coated paper dries in half an hour, fibre over night
 * @example
 * sheetPlan("print", "fibre", ["washing-aid"]).steps.map((step) => step.seconds) // = [120, 30, 120, 300, 600, 1800]
 */
export function sheetPlan(
  kind: SheetKind = 'print',
  base: PaperBase = 'resin-coated',
  also: readonly SheetExtraId[] = [],
): ProcessPlan {
  const optional: readonly StepKindId[] = sheetExtras.flatMap(({ kinds }) => kinds);
  // A strip is looked at and thrown away: it needs nothing besides.
  const wanted: readonly StepKindId[] = sheetExtras.flatMap(({ id, kinds }) =>
    kind === 'print' && also.includes(id) ? kinds : [],
  );
  const kinds = printStepKinds.filter(({ id }) =>
    optional.includes(id) ? wanted.includes(id) : kind === 'strip' || id !== 'print-short-fix',
  );
  const secondsOf = (id: StepKindId) =>
    shortened.find((one) => one.kind === id && one.base === base && wanted.includes(one.by))
      ?.seconds ??
    sheetSeconds[base][id] ??
    stepKind(id).usualSeconds;
  return {
    steps: kinds.map(({ id }) => {
      const { agitation } = stepKind(id);
      return { id, kind: id, seconds: secondsOf(id), agitation };
    }),
    drainSeconds: SHEET_DRAIN_SECONDS,
    clockStart: 'pouring-begins',
  };
}

/** How long before its time the hands are called to a bottle, s. */
const BOTTLE_CALL_SECONDS = 10;

/**
 * The plan for a bottle that stands in water until it has come to its temperature.
 * @param seconds until then
 * @returns one step
 * @throws Refusal `seconds` unless they are more than 0
 * @source the time that the water bath takes
 * @example
 * warmingPlan(500).steps.map((step) => step.seconds) // = [500]
 */
export function warmingPlan(seconds: number): ProcessPlan {
  if (!(seconds > 0)) throw new Refusal('seconds', '/seconds', 'It has that temperature already.');
  return sound({
    steps: [{ id: 'warming', kind: 'warming', seconds, agitation: 'rest' }],
    drainSeconds: Math.min(BOTTLE_CALL_SECONDS, seconds / 2),
    clockStart: 'pouring-begins',
  });
}
