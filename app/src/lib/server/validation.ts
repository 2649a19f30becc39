import Ajv, { type ErrorObject, type ValidateFunction } from 'ajv';
import addKeywords from 'ajv-keywords';
import type { Static, TSchema } from 'typebox';
import { InvalidInput } from './problem/invalid-input.ts';
import { fieldErrors } from './problem/sentences.ts';

/** No control characters but tab and line feed, and no half surrogates: the database refuses both. */
// eslint-disable-next-line no-control-regex -- control characters are what this is about
const CONTROL = /[\u0000-\u0008\u000b-\u001f\u007f]/;

/** As it is written everywhere: without the `urn:` in front that the standard's own format allows. */
const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** A validator that either stops at the first thing that is wrong, or finds everything that is. */
function validators(allErrors: boolean): (schema: TSchema) => ValidateFunction {
  const ajv = new Ajv({
    allErrors,
    strict: true,
    strictRequired: false,
    discriminator: true,
    verbose: true,
  });
  addKeywords(ajv, 'uniqueItemProperties');
  ajv.addFormat('uuid', UUID);
  ajv.addFormat('plain-text', (text) => text.isWellFormed() && !CONTROL.test(text));
  const compiled = new WeakMap<object, ValidateFunction>();
  return (schema) => {
    const known = compiled.get(schema);
    if (known) return known;
    const made = ajv.compile(schema);
    compiled.set(schema, made);
    return made;
  };
}
const validatorOf = validators(false);
const fullValidatorOf = validators(true);

/** A body with more in it than this was written by no form of ours; one sentence about it is enough. */
const MOST_PARTS = 3000;

/** Has a value few enough parts to be looked through for everything that is wrong with it? Counts no further than it must. */
function isSmall(value: unknown): boolean {
  const waiting = [value];
  for (let parts = 0; waiting.length > 0; parts += 1) {
    if (parts + waiting.length > MOST_PARTS) return false;
    const next = waiting.pop();
    if (typeof next === 'object' && next !== null) waiting.push(...Object.values(next));
  }
  return true;
}

/**
 * Checks a value against a schema and gives it back with its type.
 * @throws InvalidInput with a pointer and a sentence for each field that is wrong
 */
export function check<Schema extends TSchema>(schema: Schema, value: unknown): Static<Schema> {
  const validate = validatorOf(schema);
  if (!validate(value)) {
    const full = isSmall(value) ? fullValidatorOf(schema) : undefined;
    const errors = full && !full(value) ? full.errors : validate.errors;
    throw new InvalidInput(fieldErrors(errors as ErrorObject[]));
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
