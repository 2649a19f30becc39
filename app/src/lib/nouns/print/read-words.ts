import type { Readings } from './readings.ts';

/** A reading as it is typed. */
export const typedReading = (value: number): string => String(value).replace('-', '−');

/** "Log light −1.42 at the highlight and −0.66 at the shadow". */
export function readPlacesWords({ scale, highlight, shadow, others }: Readings): string {
  const what = scale === 'light' ? 'Log light' : 'Density';
  const further = others.map(({ name, reading }) => `, ${typedReading(reading)} at ${name}`);
  return `${what} ${typedReading(highlight.reading)} at the highlight and ${typedReading(shadow.reading)} at the shadow${further.join('')}`;
}
