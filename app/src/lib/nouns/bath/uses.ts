/** What a bath is for. */
export const bathUses = [
  { id: 'film-developer', name: 'film developer', through: 'film' },
  { id: 'paper-developer', name: 'paper developer', through: 'paper' },
  { id: 'stop', name: 'stop bath', through: 'both' },
  { id: 'fixer', name: 'fixer', through: 'both' },
  { id: 'washing-aid', name: 'washing aid', through: 'both' },
  { id: 'wetting-agent', name: 'wetting agent', through: 'film' },
  { id: 'toner', name: 'toner', through: 'paper' },
] as const;
export type BathUseId = (typeof bathUses)[number]['id'];
