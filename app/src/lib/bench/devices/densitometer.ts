/** A densitometer: a patch lies under its head, and it says how dense that is. A real one is read through this too. */
export interface Densitometer {
  readonly name: string;
  /** Density of what lies under the head, ISO 5. */
  read(): Promise<number>;
  /** The next patches are those of another film or print. */
  begin(): void;
}
