import type { ContrastSet } from './set.ts';

/** Filters 00 to 5 in halves with the usual ranges, equal in speed up to 3½ and a stop slower from 4. */
export const filters = {
  id: 'filters',
  noun: 'filter',
  name: 'filters 00 to 5',
  calibrated: false,
  step: 0.5,
  white: { id: 'none', name: 'none', range: 110, speedStops: 1 },
  settings: [
    { id: '00', name: '00', range: 170, speedStops: 0 },
    { id: '0', name: '0', range: 150, speedStops: 0 },
    { id: '0.5', name: '½', range: 140, speedStops: 0 },
    { id: '1', name: '1', range: 130, speedStops: 0 },
    { id: '1.5', name: '1½', range: 120, speedStops: 0 },
    { id: '2', name: '2', range: 110, speedStops: 0 },
    { id: '2.5', name: '2½', range: 100, speedStops: 0 },
    { id: '3', name: '3', range: 90, speedStops: 0 },
    { id: '3.5', name: '3½', range: 80, speedStops: 0 },
    { id: '4', name: '4', range: 70, speedStops: -1 },
    { id: '4.5', name: '4½', range: 61, speedStops: -1 },
    { id: '5', name: '5', range: 52, speedStops: -1 },
  ],
} as const satisfies ContrastSet;
