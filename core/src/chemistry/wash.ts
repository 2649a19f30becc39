import { Refusal } from '../refusal.ts';
import { sound } from '../quantity/sound.ts';

/** Colder water washes half as fast, °C. */
export const COLD_C = 15;
/** More changes than this no wash needs. */
const MOST_CHANGES = 100;

/** A wash by filling and dumping. */
export interface FillAndDump {
  readonly changes: number;
  /** Of what was there, after that many. */
  readonly leaves: number;
  /** In cold water each change stands for so many times as long. */
  readonly standsLonger: 1 | 2;
}

/**
 * What is left of the fixer after changes of water.
 * @param staysMl what clings to film and tank at each dump, ml
 * @param changeMl of water a change, ml
 * @param changes whole number
 * @returns a share, 1 before the first
 * @throws Refusal `wash` unless both volumes are more than zero and the changes a whole number, 0 to 100
 * @source (c/(c + V))ⁿ
 * @example
 * leftAfter(25, 450, 1) // ≈ 0.05263
 */
export function leftAfter(staysMl: number, changeMl: number, changes: number): number {
  if (!(staysMl > 0 && changeMl > 0)) {
    throw new Refusal(
      'wash',
      '/changeMl',
      'Give what stays behind and what a change holds, both more than 0 ml.',
    );
  }
  if (!(Number.isInteger(changes) && changes >= 0 && changes <= MOST_CHANGES)) {
    throw new Refusal('wash', '/changes', `Changes are counted whole, up to ${MOST_CHANGES}.`);
  }
  return sound((staysMl / (staysMl + changeMl)) ** changes);
}

/**
 * The changes of water that wash fixer out. True only where each stands until the gelatin has given up its share.
 * @param staysMl what clings to film and tank at each dump, ml
 * @param changeMl of water a change, ml
 * @param aim the share that may be left, as 0.001
 * @param waterC of the water, °C; 20 unless said
 * @returns changes, what they leave, and how much longer each stands in cold water
 * @throws Refusal `wash` unless the aim lies between 0 and 1 and can be reached
 * @source n = ⌈ln r / ln(c/(c + V))⌉
 * @example
 * fillAndDump(25, 450, 0.001).changes // = 3
 */
export function fillAndDump(
  staysMl: number,
  changeMl: number,
  aim: number,
  waterC = 20,
): FillAndDump {
  const one = leftAfter(staysMl, changeMl, 1);
  if (!(aim > 0 && aim < 1)) {
    throw new Refusal('wash', '/aim', 'Give what may be left as a share, for example 0.001.');
  }
  const changes = Math.ceil(Math.log(aim) / Math.log(one) - 1e-9);
  if (!(changes <= MOST_CHANGES)) {
    throw new Refusal(
      'wash',
      '/changeMl',
      'So little water a change never washes it out: take more.',
    );
  }
  sound(waterC);
  return {
    changes,
    leaves: leftAfter(staysMl, changeMl, changes),
    standsLonger: waterC < COLD_C ? 2 : 1,
  };
}
