/** "1 sheet", "4 sheets". */
export const countOf = (count: number, one: string): string =>
  `${count} ${one}${count === 1 ? '' : 's'}`;
