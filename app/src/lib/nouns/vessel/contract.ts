import Type, { type Static } from 'typebox';
import { text, uuid, version, volumeMl } from '../../kit/fields.ts';

/** A graduate or a syringe. */
export const VesselBody = Type.Object(
  {
    name: text('The name of the vessel', 80, 1),
    holdsMl: volumeMl('What it holds'),
    divisionMl: volumeMl('Its division'),
  },
  { title: 'A vessel', additionalProperties: false },
);
export type VesselBody = Static<typeof VesselBody>;

export const Vessel = Type.Object(
  { id: uuid('The id'), version, ...VesselBody.properties },
  { title: 'A vessel', additionalProperties: false },
);
export type Vessel = Static<typeof Vessel>;

export const vesselExample: VesselBody = { name: 'Small graduate', holdsMl: 100, divisionMl: 2 };
