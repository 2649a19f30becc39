/** What is looked over before the lamp comes on; each has fogged or lost somebody a sheet. */
export const beforeFiring = [
  { id: 'focus-lamp', name: 'Focus lamp off' },
  { id: 'filter', name: 'Filter in' },
  { id: 'stopped-down', name: 'Lens stopped down' },
  { id: 'box', name: 'Paper box shut' },
  { id: 'marked', name: 'Top marked on the paper’s back' },
  { id: 'hands', name: 'Hands dry' },
] as const;
