import type { Caution } from './caution.ts';

export const slowsWhenWarmer = {
  id: 'slows-when-warmer',
  applies: (facts) => facts.slowsWhenWarmer === true,
  sentence:
    'One of the recipe’s times is not shorter than a cooler one: every developer works faster when warmer. Look at its data sheet again.',
} as const satisfies Caution;
