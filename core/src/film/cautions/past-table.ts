import type { Caution } from './caution.ts';

export const pastTable = {
  id: 'past-table',
  applies: (facts) => facts.pastTable,
  sentence: 'Past the end of the recipe’s table: the last two times are carried on.',
} as const satisfies Caution;
