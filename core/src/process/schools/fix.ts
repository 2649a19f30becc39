import type { PlanSchool } from './school.ts';

export const fixSchool = {
  id: 'fix',
  name: 'Fixing',
  ways: [
    { id: 'one', name: 'one fixer', kinds: ['fix'] },
    { id: 'two', name: 'two fixers, the second fresh', kinds: ['fix', 'second-fix'] },
  ],
} as const satisfies PlanSchool;
