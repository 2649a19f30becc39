import type { ContrastSet } from './set.ts';

/** A head with a soft and a hard lamp: the contrast is the hard one's share of the time. */
export const lamps = {
  id: 'lamps',
  noun: 'hard share',
  name: 'two lamps, soft and hard',
  calibrated: false,
  step: 1,
  dialName: (value) => `${Math.round(value)} % hard`,
  white: { id: 'none', name: 'none', range: 110, speedStops: 1 },
  settings: [
    { id: '0', name: '0 %', range: 165, speedStops: 0, dial: 0 },
    { id: '10', name: '10 %', range: 135, speedStops: 0, dial: 10 },
    { id: '20', name: '20 %', range: 114, speedStops: 0, dial: 20 },
    { id: '35', name: '35 %', range: 95, speedStops: 0, dial: 35 },
    { id: '50', name: '50 %', range: 82, speedStops: 0, dial: 50 },
    { id: '70', name: '70 %', range: 69, speedStops: 0, dial: 70 },
    { id: '100', name: '100 %', range: 55, speedStops: 0, dial: 100 },
  ],
} as const satisfies ContrastSet;
