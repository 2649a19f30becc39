/** A flaw that a negative can have, as data. */
export interface NegativeMark {
  readonly id: string;
  /** As it is seen: "small clear circles". */
  readonly name: string;
  readonly cause: string;
  /** What to do next time. */
  readonly change: string;
}
