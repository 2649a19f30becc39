/** Do two names mean the same film, paper or enlarger, however they are typed? */
export const sameName = (a: string, b: string): boolean =>
  a.trim().toLowerCase() === b.trim().toLowerCase();
