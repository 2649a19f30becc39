/** Rounded as a dial can show it, s. */
const hundredths = (seconds: number) => Math.round(seconds * 100) / 100;

/**
 * What to dial for the rest of a firing that was stopped early. The lamp had to glow up, and will have to once more.
 * @param dialSeconds what was dialled, s
 * @param litSeconds how long it was switched on, s
 * @param lagSeconds what the lamp loses at each firing, s
 * @returns what to dial for the rest, s; 0 when nothing lacks
 * @source arithmetic: light is what was dialled less the lag
 * @example
 * restOfFiring(10, 4, 0.2) // = 6.2
 * restOfFiring(10, 0.1, 0.2) // = 10
 */
export function restOfFiring(dialSeconds: number, litSeconds: number, lagSeconds: number): number {
  if (litSeconds <= 0) return dialSeconds;
  const light = Math.max(0, litSeconds - lagSeconds);
  const lacks = dialSeconds - lagSeconds - light;
  return lacks <= 0 ? 0 : hundredths(lacks + lagSeconds);
}
