/**
 * The core refuses an input it cannot answer honestly, with a code for programs
 * and a sentence for people. `field` is the JSON pointer of the input at fault.
 */
export class Refusal extends Error {
  override readonly name = 'Refusal';

  constructor(
    readonly code: string,
    readonly field: string,
    message: string,
  ) {
    super(message);
  }
}
