import type { ErrorObject } from 'ajv';
import type { FieldError } from './invalid-input.ts';

/** More than this many sentences help nobody. */
const MOST_ERRORS = 12;

type Params = Record<string, unknown>;

/** What each kind of misfit is called; `name` is the field's own title. */
const sentences: Record<string, (name: string, params: Params) => string> = {
  required: (name, { missingProperty }) => `${name} needs ${missingProperty}.`,
  additionalProperties: (name, { additionalProperty }) =>
    `${name} has no field ${String(additionalProperty)}.`,
  type: (name, { type }) => `${name} has to be ${words[String(type)] ?? String(type)}.`,
  enum: (name, { allowedValues }) =>
    `${name} is one of ${(allowedValues as unknown[]).join(', ')}.`,
  const: (name, { allowedValue }) => `${name} has to be ${String(allowedValue)}.`,
  minimum: (name, { limit }) => `${name} is at least ${String(limit)}.`,
  exclusiveMinimum: (name, { limit }) => `${name} is more than ${String(limit)}.`,
  maximum: (name, { limit }) => `${name} is at most ${String(limit)}.`,
  multipleOf: (name, { multipleOf }) => `${name} goes in steps of ${String(multipleOf)}.`,
  minLength: (name) => `${name} is empty.`,
  maxLength: (name, { limit }) => `${name} has at most ${String(limit)} characters.`,
  minItems: (name, { limit }) => `${name}: at least ${String(limit)}.`,
  maxItems: (name, { limit }) => `${name}: at most ${String(limit)}.`,
  uniqueItems: (name) => `${name}: each only once.`,
  uniqueItemProperties: (name) => `${name}: two of them are the same.`,
  format: (name, { format }) =>
    format === 'uuid' ? `${name} is not a UUID.` : `${name} has characters that cannot be kept.`,
  pattern: (name) => `${name} is written as 2026-01-24.`,
  discriminator: () => 'The kind is none that is known.',
};

const words: Record<string, string> = {
  number: 'a number',
  integer: 'a whole number',
  string: 'text',
  boolean: 'true or false',
  array: 'a list',
  object: 'an object',
  null: 'null',
};

/** Ajv's errors as pointers and sentences; those that only say that an alternative did not fit are left out. */
export function fieldErrors(errors: readonly ErrorObject[]): FieldError[] {
  const telling = errors.filter(({ keyword }) => !['anyOf', 'oneOf', 'if'].includes(keyword));
  const found = (telling.length > 0 ? telling : errors).map((error): FieldError => {
    const { keyword, params, instancePath, parentSchema } = error;
    const title = (parentSchema as { title?: string } | undefined)?.title;
    const name = title ?? (instancePath.split('/').at(-1) || 'This');
    const say = sentences[keyword];
    const missing = keyword === 'required' ? `/${String(params.missingProperty)}` : '';
    return {
      pointer: instancePath + missing,
      detail: say ? say(name, params) : `${name} does not fit.`,
    };
  });
  const unique = new Map(found.map((error) => [`${error.pointer} ${error.detail}`, error]));
  return [...unique.values()].slice(0, MOST_ERRORS);
}
