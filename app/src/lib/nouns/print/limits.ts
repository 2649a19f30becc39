/** More sheets than this nobody exposes of one print. */
export const MOST_SHEETS = 100;
/** More burns than this nobody gives. */
export const MOST_AREAS = 40;
