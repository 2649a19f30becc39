import type { PlanSchool } from './school.ts';

export const washSchool = {
  id: 'wash',
  name: 'Washing',
  ways: [
    { id: 'running', name: 'running water', kinds: ['wash'] },
    { id: 'fill-and-dump', name: 'fill and dump', kinds: ['fill-and-dump'] },
    {
      id: 'washing-aid',
      name: 'a rinse, washing aid and a short wash',
      kinds: ['rinse', 'washing-aid', 'wash'],
    },
  ],
} as const satisfies PlanSchool;
