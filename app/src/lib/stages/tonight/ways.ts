/** Where a roll is planned and poured. */
export const rollHref = (id: string) => `/film?roll=${id}`;

/** Where rolls go into their tank. */
export const loadHref = (ids: readonly string[]) => `/evening/lights-out?rolls=${ids.join(',')}`;
