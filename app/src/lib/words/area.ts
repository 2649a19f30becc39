import { burnOrDodge } from '@katachron/core';
import { enlargerSeconds } from './duration.ts';

/** What the hands do for a burn or a dodge: "6.2 s more", "held back for 2.2 s". */
export function areaSeconds(baseSeconds: number, stops: number, timerStep: number): string {
  const time = enlargerSeconds(burnOrDodge(baseSeconds, stops), timerStep);
  return stops > 0 ? `${time} s more` : `held back for ${time} s`;
}
