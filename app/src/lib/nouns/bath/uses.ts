/** What a bath is for. */
export const bathUses = [
  { id: 'film-developer', name: 'film developer' },
  { id: 'paper-developer', name: 'paper developer' },
  { id: 'colour-developer', name: 'colour developer' },
  { id: 'bleach-fix', name: 'bleach-fix' },
  { id: 'stop', name: 'stop bath' },
  { id: 'fixer', name: 'fixer' },
  { id: 'washing-aid', name: 'washing aid' },
  { id: 'wetting-agent', name: 'wetting agent' },
  { id: 'toner', name: 'toner' },
] as const;
export type BathUseId = (typeof bathUses)[number]['id'];
