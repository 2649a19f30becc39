export const MOST_TESTS_OF_TWO = 40;
export const MOST_COPIES_OF_TWO = 30;
export const MOST_AREAS_OF_TWO = 12;
export const MOST_SHEETS_OF_TWO = 400;
