/** A strip that was looked at so often again tells nothing new. */
export const MOST_LOOKS_AGAIN = 3;
