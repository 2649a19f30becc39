/** Where a negative comes from. */
export const negativeKinds = [
  { id: 'frame', name: 'a frame of a roll' },
  { id: 'sheet', name: 'a sheet, by its holder' },
  { id: 'old-box', name: 'one from an old box' },
] as const;
