import type { NegativeMark } from './mark.ts';

export const fog = {
  id: 'fog',
  name: 'grey where it should be clear',
  cause: 'Light reached the film, or it was stored too warm or too long.',
  change: 'Look for the leak: tank lid, loading place, camera back.',
} as const satisfies NegativeMark;
