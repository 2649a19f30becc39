import { stepKind, type ProcessRecord } from '@katachron/core';
import type { NamedTask } from './evening-view.ts';
import { taskKind, washes, type NamedStep } from './task-kinds.ts';

/** Film that is in a bath now. */
export interface RunUnderWay {
  readonly id: string;
  readonly title: string;
  readonly record: ProcessRecord;
}

const AFTER = taskKind('roll')
  .steps({})
  .filter(({ id }) => id === 'hang' || id === 'dry');

/**
 * A run that is under way as a task of the evening: what has begun with its real start and its real length, the rest as it is planned,
 * and then it is hung up.
 */
export function runTask(
  { id, title, record }: RunUnderWay,
  nowMs: number,
  beginMs: number,
): NamedTask {
  const steps = record.steps.filter(({ skipped }) => !skipped);
  const last = steps.findLastIndex(({ startedAtMs }) => startedAtMs !== undefined);
  // A bath that was passed over and not left out on purpose is over all the same.
  const begun = steps.slice(0, last + 1).filter(({ startedAtMs }) => startedAtMs !== undefined);
  const named = ({ step }: (typeof steps)[number], seconds: number): NamedStep => ({
    ...{ id: step.id, name: stepKind(step.kind).name.toLowerCase(), seconds },
    needs: washes.includes(step.kind) ? ['tank'] : ['hands', 'tank'],
    longestWaitSeconds: 0,
  });
  const real = begun.map((one) =>
    named(
      one,
      one.endedAtMs === undefined
        ? Math.max(one.step.seconds, (nowMs - one.startedAtMs!) / 1000)
        : (one.endedAtMs - one.startedAtMs!) / 1000,
    ),
  );
  const planned = steps.slice(last + 1).map((one) => named(one, one.step.seconds));
  const [hang, ...dry] = AFTER;
  const bath = [...real, ...planned];
  return {
    ...{ id: `run ${id}`, name: title },
    steps: [
      ...bath.slice(0, -1),
      // Out of its last bath it may wait a little.
      ...bath.slice(-1).map(({ longestWaitSeconds: _none, ...one }) => one),
      ...(hang ? [hang] : []),
      ...dry,
    ],
    begunSeconds: begun.map(({ startedAtMs }) => (startedAtMs! - beginMs) / 1000),
  };
}
