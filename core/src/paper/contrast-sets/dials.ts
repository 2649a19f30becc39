import type { ContrastSet } from './set.ts';

/** A head with yellow and magenta dials; any value between two of these points can be set. Yellow counts downwards. */
export const dials = {
  id: 'dials',
  noun: 'dial',
  name: 'yellow and magenta dials',
  calibrated: false,
  step: 1,
  dialName: (value) =>
    value === 0 ? 'white' : `${Math.abs(Math.round(value))} ${value < 0 ? 'yellow' : 'magenta'}`,
  white: { id: 'none', name: 'none', range: 110, speedStops: 1 },
  settings: [
    { id: 'Y150', name: '150 Y', range: 160, speedStops: -0.6, dial: -150 },
    { id: 'Y100', name: '100 Y', range: 145, speedStops: -0.5, dial: -100 },
    { id: 'Y50', name: '50 Y', range: 128, speedStops: -0.3, dial: -50 },
    { id: 'white', name: 'white', range: 112, speedStops: 0, dial: 0 },
    { id: 'M30', name: '30 M', range: 98, speedStops: -0.4, dial: 30 },
    { id: 'M60', name: '60 M', range: 86, speedStops: -0.7, dial: 60 },
    { id: 'M100', name: '100 M', range: 73, speedStops: -1, dial: 100 },
    { id: 'M150', name: '150 M', range: 61, speedStops: -1.4, dial: 150 },
  ],
} as const satisfies ContrastSet;
