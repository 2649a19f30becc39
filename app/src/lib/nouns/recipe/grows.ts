import type { ReuseRule } from '@katachron/core';

type Of<Kind extends ReuseRule['kind']> = Extract<ReuseRule, { readonly kind: Kind }>;

/** By how much the time grows with the rolls, for each way of using a developer again that counts them. */
const ways: { readonly [Kind in ReuseRule['kind']]?: (rule: Of<Kind>) => string } = {
  batch: ({ percent, rolls }) => `${percent} % for each ${rolls} rolls`,
  'by-area': ({ percent, rollsPerLitre }) => `${percent} % for each ${rollsPerLitre} rolls a litre`,
};

/** "12 % for each 5 rolls"; nothing where a developer does not count its rolls. */
export const growsBy = (rule: ReuseRule | undefined): string | undefined =>
  rule && (ways[rule.kind] as ((of: ReuseRule) => string) | undefined)?.(rule);
