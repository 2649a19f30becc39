import type { ContrastSet } from './set.ts';

/** Graded paper, one box a grade, all of one speed until measured. */
export const grades = {
  id: 'grades',
  noun: 'grade',
  name: 'graded paper',
  ownEmulsions: true,
  calibrated: false,
  step: 1,
  settings: [
    { id: '1', name: '1', range: 130, speedStops: 0 },
    { id: '2', name: '2', range: 110, speedStops: 0 },
    { id: '3', name: '3', range: 90, speedStops: 0 },
    { id: '4', name: '4', range: 70, speedStops: 0 },
  ],
} as const satisfies ContrastSet;
