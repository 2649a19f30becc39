export const MOST_TESTS_OF_TWO = 40;
export const MOST_COPIES_OF_TWO = 30;
