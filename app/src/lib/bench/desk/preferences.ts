import { toneFactors, type ToneFactor } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { oneOf } from '../../kit/fields.ts';
import { temperatureUnits } from '../../words/temperature.ts';
import { volumeUnits } from '../../words/volume.ts';
import { LEAST_BRIGHTNESS, LEAST_VOLUME, MOST_BRIGHTNESS, MOST_VOLUME, lights } from './choices.ts';
import { clockStarts } from '../../nouns/process/contract.ts';

/** What belongs to this device rather than to the record; kept in a cookie, so that the first paint is right. */
export const Preferences = Type.Object(
  {
    light: oneOf(lights, 'The light'),
    /** The light that Dark was chosen in. */
    beforeDark: Type.Optional(oneOf(['white', 'red'] as const, 'The light before')),
    /** How bright red is, 1 (dimmest) to 5. */
    brightness: Type.Integer({ minimum: LEAST_BRIGHTNESS, maximum: MOST_BRIGHTNESS }),
    /** The caution about red screens has been read. */
    redTold: Type.Boolean(),
    /** That a page without TLS can do less has been read. */
    untrustedTold: Type.Optional(Type.Boolean()),
    unit: oneOf(temperatureUnits, 'The unit of temperature'),
    /** Volumes in ml unless said. */
    volumeUnit: Type.Optional(oneOf(volumeUnits, 'The unit of volume')),
    /** The divisions of the vessel that concentrate is measured with, ml; 1 unless said. */
    divisionMl: Type.Optional(Type.Number({ minimum: 0.01, maximum: 100 })),
    clockStart: oneOf(clockStarts, 'When the clock starts'),
    soundOn: Type.Boolean(),
    /** How loud cues are, 1 to 5. */
    volume: Type.Optional(Type.Integer({ minimum: LEAST_VOLUME, maximum: MOST_VOLUME })),
    /** Cues are spoken too, where the browser can. */
    spoken: Type.Optional(Type.Boolean()),
    /** Sheets are developed by their first tone, times this; by the clock unless it is set. */
    toneFactor: Type.Optional(Type.Unsafe<ToneFactor>({ type: 'integer', enum: [...toneFactors] })),
    /** The thermometer that is read, where it was compared. */
    thermometerId: Type.Optional(Type.String({ format: 'uuid' })),
    /** The clock on the wall is wrong by this: real seconds in one of its own. */
    clockFactor: Type.Optional(Type.Number({ minimum: 0.5, maximum: 2 })),
  },
  { additionalProperties: false },
);
export type Preferences = Static<typeof Preferences>;

export const defaultPreferences: Preferences = {
  light: 'white',
  /** The dimmest at which main text keeps three to one against its ground. */
  brightness: 4,
  redTold: false,
  unit: 'C',
  clockStart: 'pouring-begins',
  soundOn: true,
};
