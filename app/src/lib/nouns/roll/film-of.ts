import type { Planned, RollBody } from './contract.ts';

/** Is there a plan, and with it all that it rests on? */
export function isPlanned<Body extends RollBody>(roll: Body): roll is Planned<Body> {
  return roll.plan !== undefined;
}

/** The film and its box speed, whichever part of the record has them. */
export function filmOf({ exposed, recipe }: RollBody): { film: string; boxSpeed: number } {
  return recipe ?? exposed ?? { film: '', boxSpeed: 100 };
}
