import { processRecord } from '@katachron/core';
import type { PlannedRoll, Roll } from './contract.ts';
import { filmOf } from './film-of.ts';
import { rolls } from './store.server.ts';

/** A roll that a film test can be read from, or that is on its way there. */
export interface TestRun {
  readonly id: string;
  readonly title: string;
  readonly film: string;
  readonly exposureIndex: number;
  readonly state: Roll['state'];
  /** The test that it was exposed for. */
  readonly test?: string;
  /** How long it really was in the developer, and when; nothing before it was. */
  readonly developed?: { readonly seconds: number; readonly atMs: number };
}

const common = (roll: Roll) => ({
  id: roll.id,
  title: roll.title,
  film: filmOf(roll).film,
  exposureIndex: roll.exposureIndex,
  state: roll.state,
  ...(roll.exposed?.test !== undefined && { test: roll.exposed.test }),
});

/** The last rolls that were developed, and those exposed for a test that wait for it or are in the sink. */
export async function testRuns(): Promise<TestRun[]> {
  const [developed, waiting, underWay] = await Promise.all([
    rolls.developedRuns(),
    rolls.waiting(),
    rolls.underWay(),
  ]);
  const before = [...waiting, ...underWay.map(({ roll }) => roll)];
  return [
    ...before.filter(({ exposed }) => exposed?.test !== undefined).map(common),
    ...developed.map(({ roll, events }) => {
      const record = processRecord(roll.plan, events);
      const bath = record.steps.find(({ step }) => step.kind === 'developer');
      return { ...common(roll), developed: timeIn(roll, bath) };
    }),
  ];
}

/** The real time in the bath; the planned one where the clock was not followed. */
function timeIn(
  roll: PlannedRoll,
  bath: { readonly startedAtMs?: number; readonly endedAtMs?: number } | undefined,
) {
  const { startedAtMs, endedAtMs } = bath ?? {};
  const real =
    startedAtMs === undefined || endedAtMs === undefined
      ? undefined
      : Math.round((endedAtMs - startedAtMs) / 1000);
  return { seconds: real ?? roll.developmentSeconds, atMs: startedAtMs ?? roll.madeAtMs };
}
