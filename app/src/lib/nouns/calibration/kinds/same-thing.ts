/** Do two names mean the same film, paper or enlarger? */
export const sameThing = (a: string, b: string): boolean =>
  a.trim().toLowerCase() === b.trim().toLowerCase();
