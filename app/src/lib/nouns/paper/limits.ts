/** What is lighter is no black of a print: matt papers and old emulsions reach so much, density. */
export const LEAST_BLACK = 1.2;
