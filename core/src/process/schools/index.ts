import { withStep } from '../plan.ts';
import type { StepKindId } from '../step-kinds/index.ts';
import { fixSchool } from './fix.ts';
import { preSoakSchool } from './pre-soak.ts';
import type { PlanSchool } from './school.ts';
import { stopSchool } from './stop.ts';
import { washSchool } from './wash.ts';

export type { PlanSchool } from './school.ts';

/** Everything about a film's way through the baths on which there are schools. */
export const planSchools = [preSoakSchool, stopSchool, fixSchool, washSchool] as const;

export type PlanSchoolId = (typeof planSchools)[number]['id'];

const schoolOf = (id: PlanSchoolId): PlanSchool => planSchools.find((one) => one.id === id)!;

/**
 * The steps with one school followed instead of another.
 * @param kinds of step, in their order
 * @param school which question
 * @param way the id of one of the school's ways
 * @returns the kinds, those of the school's other ways taken out and those of this way where they belong
 * @source this folder's index
 * @example
 * followSchool(["developer", "stop", "fix", "wash"], "stop", "water") // = ["developer", "water-stop", "fix", "wash"]
 */
export function followSchool(
  kinds: readonly StepKindId[],
  school: PlanSchoolId,
  way: string,
): StepKindId[] {
  const { ways } = schoolOf(school);
  const wanted = ways.find(({ id }) => id === way)?.kinds ?? [];
  const others = new Set(ways.flatMap((one) => one.kinds).filter((kind) => !wanted.includes(kind)));
  return wanted.reduce<StepKindId[]>(
    (all, kind) => withStep(all, kind),
    kinds.filter((kind) => !others.has(kind)),
  );
}

/**
 * Which way of a school some steps follow.
 * @param kinds of step
 * @param school which question
 * @returns the id of the way; undefined when they follow none
 * @source this folder's index
 * @example
 * wayOf(["developer", "fix", "second-fix"], "fix") // = "two"
 */
export function wayOf(kinds: readonly StepKindId[], school: PlanSchoolId): string | undefined {
  const { ways } = schoolOf(school);
  const of = new Set(ways.flatMap((one) => one.kinds));
  const here = kinds.filter((kind) => of.has(kind));
  return ways.find(
    ({ kinds: wanted }) =>
      wanted.length === here.length && wanted.every((kind) => here.includes(kind)),
  )?.id;
}
