/** What is wrong with one field: a JSON pointer to it and a sentence a photographer understands. */
export interface FieldError {
  readonly pointer: string;
  readonly detail: string;
}

/** Input that does not fit its schema. */
export class InvalidInput extends Error {
  override readonly name = 'InvalidInput';

  constructor(readonly errors: readonly FieldError[]) {
    super(errors.map((error) => error.detail).join(' '));
  }
}
