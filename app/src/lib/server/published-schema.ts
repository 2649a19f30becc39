type Plain = Record<string, unknown>;
const isPlain = (value: unknown): value is Plain =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** No control characters but tab and line feed, as the check of a text refuses them. */
const PLAIN_TEXT = String.raw`^[^\u0000-\u0008\u000b-\u001f\u007f]*$`;

/** What the check knows beside the standard, as the standard says it; what it has no word for is left to the check. */
const ours: Readonly<Record<string, (value: unknown) => Plain>> = {
  uniqueItemProperties: () => ({ uniqueItems: true }),
  // Only which of its own schemas a reader tries first.
  discriminator: () => ({}),
  // A row of different things was written so before 2020.
  items: (value) =>
    Array.isArray(value)
      ? { prefixItems: value.map(published), items: false }
      : { items: published(value) },
  additionalItems: () => ({}),
  format: (value) => (value === 'plain-text' ? { pattern: PLAIN_TEXT } : { format: value }),
};

/** Keywords under which names stand that are the data's own. */
const named = new Set(['properties', 'patternProperties', '$defs']);
/** Keywords whose value is data. */
const data = new Set(['default', 'example', 'examples', 'const', 'enum']);

/** A schema of ours as JSON Schema 2020-12, whoever reads it: nothing in it is known to one library alone. */
export function published(schema: unknown): unknown {
  if (Array.isArray(schema)) return schema.map(published);
  if (!isPlain(schema)) return schema;
  return Object.assign(
    {},
    ...Object.entries(schema).map(([key, value]): Plain => {
      if (data.has(key)) return { [key]: value };
      if (named.has(key) && isPlain(value)) {
        const parts = Object.entries(value).map(([name, part]) => [name, published(part)]);
        return { [key]: Object.fromEntries(parts) };
      }
      return ours[key]?.(value) ?? { [key]: published(value) };
    }),
  ) as Plain;
}

/** A schema in a file of its own. */
export const schemaFile = (schema: object): Plain => ({
  $schema: 'https://json-schema.org/draft/2020-12/schema',
  ...(published(schema) as Plain),
});

/** A description of an interface with every schema in it published; examples are data. */
export function withSchemasPublished(part: unknown): unknown {
  if (Array.isArray(part)) return part.map(withSchemasPublished);
  if (!isPlain(part)) return part;
  return Object.fromEntries(
    Object.entries(part).map(([key, value]) => {
      if (key === 'example') return [key, value];
      if (key === 'schema') return [key, published(value)];
      if (key === 'schemas' && isPlain(value)) {
        const schemas = Object.entries(value).map(([name, one]) => [name, published(one)]);
        return [key, Object.fromEntries(schemas)];
      }
      return [key, withSchemasPublished(value)];
    }),
  );
}
