import Type, { type TUnsafe } from 'typebox';

/**
 * The fields that more than one schema uses. Names carry their unit; titles are what an error sentence calls them.
 */

/** One of a list of ids. An enum, not a union, so that a wrong value gets one sentence instead of ten. */
export function oneOf<Id extends string>(
  ids: readonly Id[],
  title: string,
  more: { description?: string } = {},
): TUnsafe<Id> {
  return Type.Unsafe<Id>({ type: 'string', enum: [...ids], title, ...more });
}

/** A value or null. */
export function orNull<T>(schema: object & { title?: string }): TUnsafe<T | null> {
  return Type.Unsafe<T | null>({ anyOf: [schema, { type: 'null' }], title: schema.title });
}

/** Text that the database can keep: well formed, without control characters. */
export const text = (title: string, maxLength: number, minLength = 0) =>
  Type.String({ title, minLength, maxLength, format: 'plain-text' });

export const uuid = (title: string) => Type.String({ title, format: 'uuid' });

export const temperatureC = (title = 'The temperature') =>
  Type.Number({ title, minimum: 0, maximum: 60, description: '°C' });

/** How a tank follows the room it stands in. */
export const ambientC = Type.Number({
  title: 'The temperature of the room',
  minimum: -20,
  maximum: 60,
  description: '°C',
});
export const timeConstantSeconds = Type.Number({
  title: 'How long the tank takes to follow the room',
  minimum: 60,
  maximum: 86_400,
  description: 's',
});

/** Shorter than this nothing is timed, by hand or by a lamp. */
const LEAST_SECONDS = 0.01;
export const seconds = (title: string) =>
  Type.Number({ title, minimum: LEAST_SECONDS, maximum: 86_400, description: 's' });

export const stops = (title: string) =>
  Type.Number({ title, minimum: -10, maximum: 10, description: 'stops' });

export const filmSpeed = (title: string) =>
  Type.Number({ title, minimum: 0.1, maximum: 1_000_000, description: 'ISO or EI' });

export const netDensity = (title: string) =>
  Type.Number({ title, minimum: 0.001, maximum: 3, description: 'density above Dmin' });

export const isoRange = (title: string) =>
  Type.Number({ title, minimum: 20, maximum: 300, description: 'ISO 6846 R' });

export const instantMs = (title: string) =>
  Type.Integer({
    title,
    minimum: 0,
    maximum: 8_640_000_000_000,
    description: 'ms since 1970, UTC',
  });

export const volumeMl = (title: string) =>
  Type.Number({ title, minimum: 0.01, maximum: 100_000, description: 'ml' });

/** Parts as 1+31, the last of them water. */
export const dilution = Type.Array(
  Type.Number({ title: 'A part of the dilution', minimum: 0.001, maximum: 10_000 }),
  { title: 'The dilution', minItems: 1, maxItems: 6 },
);

export const percent = (title: string) =>
  Type.Number({ title, exclusiveMinimum: 0, maximum: 100, description: '%' });

export const version = Type.Integer({ title: 'The version', minimum: 1 });

/** Whole numbers of things. */
export const count = (title: string, maximum: number, minimum = 0) =>
  Type.Integer({ title, minimum, maximum });

/** A day, as 2026-01-24. */
export const day = (title: string) =>
  Type.String({ title, pattern: String.raw`^\d{4}-\d{2}-\d{2}$` });

/** What was typed, as it was typed: right or wrong, it is there again after a reload. */
export const typed = Type.String({ maxLength: 40, format: 'plain-text' });
