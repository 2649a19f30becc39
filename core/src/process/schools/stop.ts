import type { PlanSchool } from './school.ts';

export const stopSchool = {
  id: 'stop',
  name: 'Stopping',
  ways: [
    { id: 'acid', name: 'an acid stop', kinds: ['stop'] },
    { id: 'water', name: 'water, which stops slower', kinds: ['water-stop'] },
    { id: 'none', name: 'straight into the fixer', kinds: [] },
  ],
} as const satisfies PlanSchool;
