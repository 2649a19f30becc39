import type { LightSource } from './source.ts';

/** Every kind of light that a print is made with. */
export const lightSources = [
  {
    id: 'enlarger',
    name: 'enlarger',
    place: 'size',
    caution: 'Unplug it before the lamp is changed; let the lamp cool first.',
  },
  {
    id: 'contact-frame',
    name: 'contact frame under an enlarger',
    place: 'distance',
    caution: 'Lift the glass by its taped edges.',
  },
  {
    id: 'bare-lamp',
    name: 'bare lamp and contact frame',
    place: 'distance',
    caution: 'A bare lamp is hot and on the mains: switch it with dry hands, from a distance.',
  },
] as const satisfies readonly LightSource[];

export type LightSourceId = (typeof lightSources)[number]['id'];

/**
 * A kind of light by its id.
 * @param id one of the ids in `lightSources`
 * @returns its definition
 * @source this folder's index
 * @example
 * lightSource("bare-lamp").place // = "distance"
 */
export function lightSource(id: LightSourceId): LightSource {
  return lightSources.find((source) => source.id === id)!;
}
