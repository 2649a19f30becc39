/** A timer that an enlarger's lamp is plugged into. A real one is driven through this too. */
export interface LampTimer {
  readonly name: string;
  /** Lights the lamp at an instant (ms since the epoch) for so many seconds. */
  fire(atMs: number, seconds: number): void;
  /** Lights the lamp to focus by, or puts it out again. */
  focus(on: boolean): void;
  /** Puts the lamp out now, and forgets a firing that has not begun. */
  stop(): void;
}
