const LETTERS = 28;

/** As much of a name as a button, or the margin of the timeline, has room for. */
export const shortName = (name: string, letters = LETTERS) =>
  name.length > letters ? `${name.slice(0, letters - 1)}…` : name;
