/** What happens often enough to be noted with one touch. */
export const quickNotes = [
  { key: '1', word: 'Drained late', note: 'Drained late.' },
  { key: '2', word: 'Missed a turn', note: 'Missed a turn.' },
  { key: '3', word: 'Spilled', note: 'Spilled some.' },
] as const;
