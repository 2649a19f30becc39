import type { NegativeMark } from './mark.ts';

export const reticulation = {
  id: 'reticulation',
  name: 'a net of fine cracks',
  cause: 'The baths were too far apart in temperature.',
  change: 'Bring every bath within 3 °C of the developer, the wash too.',
} as const satisfies NegativeMark;
