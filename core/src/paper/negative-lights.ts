/** How an enlarger lights the negative: directed light makes silver densities count for more (Callier), 1.2 to 1.3 times. */
export const negativeLights = [
  { id: 'diffuse', name: 'a diffuser', factor: 1 },
  { id: 'directed', name: 'a condenser', factor: 1.22 },
] as const;
export type NegativeLightId = (typeof negativeLights)[number]['id'];
