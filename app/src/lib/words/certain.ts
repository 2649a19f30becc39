/** A number, and how far it may be out: 95 times in 100 within this. */
export interface Certain {
  readonly value: number;
  readonly within: number;
}

/** What floating point makes of a whole last digit is no reason to go up by one. */
const DUST = 1e-9;

/** "0.02": how far a number may be out, rounded so that it is never surer than it is. */
export const withinText = (within: number, digits: number): string => {
  const scale = 10 ** digits;
  return (Math.ceil(within * scale - DUST) / scale).toFixed(digits);
};

/** "1.37 ± 0.02" */
export const certainText = ({ value, within }: Certain, digits: number): string =>
  `${value.toFixed(digits)} ± ${withinText(within, digits)}`;

/** "4 %", of a share. */
export const withinPercent = (share: number, digits = 0): string =>
  `${withinText(100 * share, digits)} %`;
