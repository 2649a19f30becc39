import { learnTimeConstant, processRecord, type LearnedTimeConstant } from '@katachron/core';
import { developerReadings } from '../roll/follow.ts';
import { rolls } from '../roll/store.server.ts';

/** What a tank's runs have taught about how fast it follows the room; undefined while they tell nothing. */
export async function tankLesson(tankId: string): Promise<LearnedTimeConstant | undefined> {
  const runs = await rolls.runsOfTank(tankId);
  return learnTimeConstant(
    runs.flatMap(({ roll, events }) =>
      roll.drift
        ? [
            {
              ambientC: roll.drift.ambientC,
              readings: developerReadings(roll, processRecord(roll.plan, events)),
            },
          ]
        : [],
    ),
  );
}
