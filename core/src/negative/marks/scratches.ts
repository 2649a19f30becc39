import type { NegativeMark } from './mark.ts';

export const scratches = {
  id: 'scratches',
  name: 'scratches',
  cause: 'Grit, a squeegee, or gelatin softened by warm baths.',
  change: 'No squeegee; keep every bath under 24 °C.',
} as const satisfies NegativeMark;
