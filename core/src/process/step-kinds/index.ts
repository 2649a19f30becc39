import { developer } from './developer.ts';
import { drumBleachFix } from './drum-bleach-fix.ts';
import { drumDeveloper } from './drum-developer.ts';
import { drumWarming } from './drum-warming.ts';
import { drumWash } from './drum-wash.ts';
import { fillAndDump } from './fill-and-dump.ts';
import { fix } from './fix.ts';
import type { StepKind } from './kind.ts';
import { preSoak } from './pre-soak.ts';
import { printDeveloper } from './print-developer.ts';
import { printDry } from './print-dry.ts';
import { printFix } from './print-fix.ts';
import { printHold } from './print-hold.ts';
import { printRinse } from './print-rinse.ts';
import { printSecondFix } from './print-second-fix.ts';
import { printShortFix } from './print-short-fix.ts';
import { printStop } from './print-stop.ts';
import { printToner } from './print-toner.ts';
import { printWash } from './print-wash.ts';
import { printWashingAid } from './print-washing-aid.ts';
import { rinse } from './rinse.ts';
import { secondDeveloper } from './second-developer.ts';
import { secondFix } from './second-fix.ts';
import { stop } from './stop.ts';
import { warming } from './warming.ts';
import { wash } from './wash.ts';
import { washingAid } from './washing-aid.ts';
import { waterStop } from './water-stop.ts';
import { wettingAgent } from './wetting-agent.ts';

/** The steps of developing a film, in the order in which they come. */
export const filmStepKinds = [
  preSoak,
  developer,
  secondDeveloper,
  stop,
  waterStop,
  fix,
  secondFix,
  rinse,
  washingAid,
  fillAndDump,
  wash,
  wettingAgent,
] as const;

/** The trays a print goes through, in their order; some are there only where they are wanted. */
export const printStepKinds = [
  printDeveloper,
  printStop,
  printShortFix,
  printFix,
  printSecondFix,
  printHold,
  printRinse,
  printWashingAid,
  printToner,
  printWash,
  printDry,
] as const;

/** A colour print in its drum, closed from the dark on. */
export const drumStepKinds = [drumWarming, drumDeveloper, drumBleachFix, drumWash] as const;

/** What stands beside the sink with a clock of its own. */
export const benchStepKinds = [warming] as const;

export type StepKindId = (
  typeof filmStepKinds | typeof printStepKinds | typeof drumStepKinds | typeof benchStepKinds
)[number]['id'];

const all: readonly StepKind[] = [
  ...filmStepKinds,
  ...printStepKinds,
  ...drumStepKinds,
  ...benchStepKinds,
];

/**
 * Does something name a kind of step?
 * @param value anything
 * @returns true for the id of a step kind
 * @source this folder's index
 * @example
 * isStepKind("paused") // = false
 */
export function isStepKind(value: unknown): value is StepKindId {
  return all.some(({ id }) => id === value);
}

/**
 * The definition of a kind of step.
 * @param id a step kind's id
 * @returns its name, usual time, agitation and caution
 * @source this folder's index
 * @example
 * stepKind("stop").usualSeconds // = 30
 */
export function stepKind(id: StepKindId): StepKind {
  return all.find((kind) => kind.id === id)!;
}
