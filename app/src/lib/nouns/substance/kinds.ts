/** What stands in the cupboard. */
export const substanceKinds = [
  { id: 'concentrate', name: 'concentrate', more: 'a liquid that is diluted' },
  { id: 'stock', name: 'stock', more: 'mixed already, and diluted or used as it is' },
  { id: 'powder', name: 'powder', more: 'a packet that is made up the day before' },
  { id: 'working', name: 'working solution', more: 'ready to use' },
] as const;
export type SubstanceKindId = (typeof substanceKinds)[number]['id'];
