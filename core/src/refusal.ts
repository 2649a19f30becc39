/**
 * The core refuses an input it cannot answer honestly, with a code for programs
 * and a sentence for people. `field` is the JSON pointer of the input at fault; `facts` are the numbers in the
 * sentence, named with their unit, for those who say them in another one.
 */
export class Refusal extends Error {
  override readonly name = 'Refusal';

  constructor(
    readonly code: string,
    readonly field: string,
    message: string,
    readonly facts?: Readonly<Record<string, number>>,
  ) {
    super(message);
  }
}
