/** More tests than this no print needs. */
export const MOST_COLOUR_TESTS = 60;
/** A ring-around has its print as it stands in the middle. */
export const ringPatches = [3, 5, 7, 9] as const;
