import Ajv, { type ErrorObject, type ValidateFunction } from 'ajv';
import addFormats from 'ajv-formats';
import type { Static, TSchema } from 'typebox';
import { InvalidInput } from './problem/invalid-input.ts';
import { fieldErrors } from './problem/sentences.ts';

/** No control characters but tab and line feed, and no half surrogates: the database refuses both. */
// eslint-disable-next-line no-control-regex -- control characters are what this is about
const CONTROL = /[\u0000-\u0008\u000b-\u001f\u007f]/;

const ajv = new Ajv({
  allErrors: true,
  strict: true,
  strictRequired: false,
  discriminator: true,
  verbose: true,
});
addFormats(ajv, ['uuid']);
ajv.addFormat('plain-text', (text) => text.isWellFormed() && !CONTROL.test(text));

const compiled = new WeakMap<object, ValidateFunction>();

function validatorOf(schema: TSchema): ValidateFunction {
  const known = compiled.get(schema);
  if (known) return known;
  const made = ajv.compile(schema);
  compiled.set(schema, made);
  return made;
}

/**
 * Checks a value against a schema and gives it back with its type.
 * @throws InvalidInput with a pointer and a sentence for each field that is wrong
 */
export function check<Schema extends TSchema>(schema: Schema, value: unknown): Static<Schema> {
  const validate = validatorOf(schema);
  if (!validate(value)) {
    throw new InvalidInput(fieldErrors(validate.errors as ErrorObject[]));
  }
  return value as Static<Schema>;
}

/** Does a value fit a schema? For what comes from a cookie, where anything else is simply not used. */
export function fits<Schema extends TSchema>(
  schema: Schema,
  value: unknown,
): value is Static<Schema> {
  return validatorOf(schema)(value);
}
