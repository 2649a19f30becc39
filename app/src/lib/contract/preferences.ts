import { toneFactors, type ToneFactor } from '@katachron/core';
import Type, { type Static } from 'typebox';
import { oneOf } from './fields.ts';
import { clockStarts } from './process.ts';

export const lights = ['white', 'red', 'dark'] as const;
export type Light = (typeof lights)[number];

export const LEAST_BRIGHTNESS = 1;
export const MOST_BRIGHTNESS = 5;

export const LEAST_VOLUME = 1;
export const MOST_VOLUME = 5;
export const USUAL_VOLUME = 3;

/** What belongs to this device rather than to the record; kept in a cookie, so that the first paint is right. */
export const Preferences = Type.Object(
  {
    light: oneOf(lights, 'The light'),
    /** How bright red is, 1 (dimmest) to 5. */
    brightness: Type.Integer({ minimum: LEAST_BRIGHTNESS, maximum: MOST_BRIGHTNESS }),
    /** The caution about red screens has been read. */
    redTold: Type.Boolean(),
    unit: oneOf(['C', 'F'], 'The unit of temperature'),
    clockStart: oneOf(clockStarts, 'When the clock starts'),
    soundOn: Type.Boolean(),
    /** How loud cues are, 1 to 5. */
    volume: Type.Optional(Type.Integer({ minimum: LEAST_VOLUME, maximum: MOST_VOLUME })),
    /** Cues are spoken too, where the browser can. */
    spoken: Type.Optional(Type.Boolean()),
    /** Sheets are developed by their first tone, times this; by the clock unless it is set. */
    toneFactor: Type.Optional(Type.Unsafe<ToneFactor>({ type: 'integer', enum: [...toneFactors] })),
    /** The clock on the wall is wrong by this: real seconds in one of its own. */
    clockFactor: Type.Optional(Type.Number({ minimum: 0.5, maximum: 2 })),
  },
  { additionalProperties: false },
);
export type Preferences = Static<typeof Preferences>;

export const defaultPreferences: Preferences = {
  light: 'white',
  brightness: 2,
  redTold: false,
  unit: 'C',
  clockStart: 'pouring-begins',
  soundOn: true,
};
