import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';
import { COLD_C } from './wash.ts';

/** What is washed in running water, and how long that takes as a rule, minutes: the least and the most. */
export const runningWashes = [
  { id: 'film', name: 'film', aidMinutes: 0, leastMinutes: 10, mostMinutes: 30 },
  { id: 'film-aid', name: 'film', aidMinutes: 2, leastMinutes: 3, mostMinutes: 5 },
  {
    id: 'resin-coated',
    name: 'resin-coated paper',
    aidMinutes: 0,
    leastMinutes: 4,
    mostMinutes: 5,
  },
  { id: 'fibre', name: 'fibre paper', aidMinutes: 10, leastMinutes: 30, mostMinutes: 60 },
] as const;
export type RunningWashId = (typeof runningWashes)[number]['id'];

/** A wash in running water. */
export interface RunningWash {
  readonly aidMinutes: number;
  readonly leastMinutes: number;
  readonly mostMinutes: number;
  /** It takes twice as long: the water is cold. */
  readonly cold: boolean;
}

/**
 * How long something is washed in running water; colder than 15 °C takes twice as long. The washing aid keeps its time.
 * @param id of a running wash
 * @param waterC of the water, °C; 20 unless said
 * @returns minutes in the washing aid before it, and of the wash
 * @throws Refusal `water` for water that is ice or no water to wash in
 * @source usual times by what is washed; twice as long below 15 °C
 * @example
 * runningWash("fibre", 12).leastMinutes // = 60
 */
export function runningWash(id: RunningWashId, waterC = 20): RunningWash {
  if (!(waterC > 0 && waterC < 60)) {
    throw new Refusal('water', '/waterC', 'Type the temperature of the water, for example 20.');
  }
  const { aidMinutes, leastMinutes, mostMinutes } = runningWashes.find((one) => one.id === id)!;
  const cold = waterC < COLD_C;
  const longer = cold ? 2 : 1;
  return sound({
    ...{ aidMinutes, cold },
    leastMinutes: longer * leastMinutes,
    mostMinutes: longer * mostMinutes,
  });
}
