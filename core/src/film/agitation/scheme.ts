/** How a tank is kept moving: data that the process reads, never code. */
export interface AgitationScheme {
  readonly id: string;
  /** As a photographer says it, after the time: "four turns a minute". */
  readonly name: string;
  /** Moved without a break from the start of the step, s. */
  readonly initialSeconds: number;
  /** From the start of one burst to the start of the next, counted from the start of the step, s; 0: no bursts. */
  readonly everySeconds: number;
  /** Length of a burst, s. */
  readonly burstSeconds: number;
  /** Turns of the tank in a burst; 0 where it is counted in seconds. */
  readonly turns: number;
  /** Moved all the time. */
  readonly continuous: boolean;
  /** What the hands do in a burst. */
  readonly hands: string;
}

/** A scheme of one's own, as it is kept with the recipe or the step that uses it. */
export type OwnAgitation = Omit<AgitationScheme, 'id' | 'hands'>;
