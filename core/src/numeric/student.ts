import { NINETY_FIVE } from './gaussian.ts';

/** 95 of 100 lie within so many, by the degrees of freedom: 1, 2, 3 … (Student's t, two-sided). */
const BY_FREEDOM = [
  12.706, 4.303, 3.182, 2.776, 2.571, 2.447, 2.365, 2.306, 2.262, 2.228, 2.201, 2.179, 2.16, 2.145,
  2.131, 2.12, 2.11, 2.101, 2.093, 2.086, 2.08, 2.074, 2.069, 2.064, 2.06, 2.056, 2.052, 2.048,
  2.045, 2.042,
];

/** Within how many standard deviations 95 of 100 lie, where the standard deviation itself comes from so few. */
export const studentNinetyFive = (freedom: number): number =>
  // Beyond the table the quantile nears the normal one as 1/freedom.
  BY_FREEDOM[freedom - 1] ?? NINETY_FIVE + 2.4 / freedom;
