import type { Caution } from './caution.ts';

export const noRuleForAgitation = {
  id: 'no-rule-for-agitation',
  applies: (facts) => facts.noRuleForAgitation === true,
  sentence:
    'No rule leads from this recipe’s agitation to standing or back: the time is left as it is. Test it first.',
} as const satisfies Caution;
