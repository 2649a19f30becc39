import type { PlanSchool } from './school.ts';

export const preSoakSchool = {
  id: 'pre-soak',
  name: 'Before the developer',
  ways: [
    { id: 'with', name: 'a pre-soak', kinds: ['pre-soak'] },
    { id: 'without', name: 'no pre-soak', kinds: [] },
  ],
} as const satisfies PlanSchool;
