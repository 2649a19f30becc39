/** More sheets than this nobody exposes of one print. */
/** An edition has no more copies than this. */
export const MOST_EDITION = 999;
export const MOST_SHEETS = 100;
/** More burns than this nobody gives. */
export const MOST_AREAS = 40;
