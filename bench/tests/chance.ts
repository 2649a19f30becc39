/** Numbers that look like chance and are the same each time, so that a case can be looked at again. */
export interface Chance {
  readonly between: (low: number, high: number) => number;
  readonly whole: (low: number, high: number) => number;
  readonly normal: (deviation: number) => number;
  readonly one: <Value>(of: readonly Value[]) => Value;
}

/** Mulberry32, and Box and Muller’s normal numbers. */
export function chanceOf(seed: number): Chance {
  let state = seed;
  const uniform = () => {
    state = (state + 0x6d2b79f5) | 0;
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state);
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed;
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
  const between = (low: number, high: number) => low + (high - low) * uniform();
  const whole = (low: number, high: number) => low + Math.floor((high - low + 1) * uniform());
  return {
    between,
    whole,
    normal: (deviation) =>
      deviation * Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform()),
    one: (of) => of[whole(0, of.length - 1)]!,
  };
}
