/** The lights a page can be looked at in. */
export const lights = ['white', 'red', 'dark'] as const;
export type Light = (typeof lights)[number];

export const LEAST_BRIGHTNESS = 1;
export const MOST_BRIGHTNESS = 5;

export const LEAST_VOLUME = 1;
export const MOST_VOLUME = 5;
export const USUAL_VOLUME = 3;
