/** One step of the database's shape, as statements that run in one transaction. */
export interface Migration {
  readonly name: string;
  readonly up: readonly string[];
  readonly down: readonly string[];
}
