import Ajv2020 from 'ajv/dist/2020.js';
import { describe, expect, it } from 'vitest';
import { operations } from '../../src/lib/server/operations/index.ts';
import { openApi } from '../../src/lib/server/openapi.ts';
import { published } from '../../src/lib/server/published-schema.ts';
import { GET as planSchema } from '../../src/routes/api/v1/plans/schema.json/+server.ts';
import { GET as recipeSchema } from '../../src/routes/api/v1/recipes/schema.json/+server.ts';

/** Strict, and knowing the standard alone: no keyword and no format of ours. */
const standard = () => {
  const ajv = new Ajv2020({ strict: true, strictRequired: false });
  ajv.addFormat('uuid', true);
  ajv.addFormat('date', true);
  return ajv;
};

function schemasIn(part: unknown, at = ''): [string, object][] {
  if (typeof part !== 'object' || part === null) return [];
  return Object.entries(part).flatMap(([key, value]): [string, object][] => {
    if (key === 'example') return [];
    if (key === 'schema') return [[at, value as object]];
    return schemasIn(value, `${at}/${key}`);
  });
}

describe('schemas as they are published', () => {
  it('compile strictly under 2020-12, every one of the open interface', () => {
    const api = openApi() as { components: { schemas: Record<string, object> } };
    const schemas = schemasIn(api).filter(([, schema]) => !('$ref' in schema));
    expect(schemas.length).toBeGreaterThan(300);
    // Most are said in several places, and compiled once.
    const all = [...schemas, ...Object.entries(api.components.schemas)];
    const once = new Map(all.map(([at, schema]) => [JSON.stringify(schema), { at, schema }]));
    const ajv = standard();
    const troubles = [...once.values()].flatMap(({ at, schema }) => {
      try {
        ajv.compile(schema);
        return [];
      } catch (cause) {
        return [`${at}: ${(cause as Error).message}`];
      }
    });
    expect(troubles).toEqual([]);
  }, 180_000);

  it.each([
    ['plans', planSchema],
    ['recipes', recipeSchema],
  ])('so does the file of %s', async (_, get) => {
    const schema = (await (await (get as () => Response)()).json()) as object;
    expect(schema).toMatchObject({ $schema: 'https://json-schema.org/draft/2020-12/schema' });
    expect(() => standard().compile(schema)).not.toThrow();
  });

  it('accept the example beside each, every computation’s question and answer among them', () => {
    let found = 0;
    const ajv = standard();
    const visit = (node: unknown): void => {
      if (node === null || typeof node !== 'object') return;
      if ('schema' in node && 'example' in node && node.example !== undefined) {
        found += 1;
        const fits = ajv.validate(node.schema as object, node.example);
        expect([ajv.errorsText(), fits]).toEqual(['No errors', true]);
      }
      Object.values(node).forEach(visit);
    };
    visit(openApi());
    expect(found).toBeGreaterThanOrEqual(operations.length * 2 + 7);
  }, 180_000);

  it('refuse what the check refuses: a control character, a row that is too long, two alike', () => {
    const text = published({ type: 'string', format: 'plain-text' }) as object;
    expect(standard().validate(text, 'a\nb')).toBe(true);
    expect(standard().validate(text, 'a\u0007b')).toBe(false);
    const row = published({
      ...{ type: 'array', minItems: 1, maxItems: 1 },
      ...{ items: [{ type: 'number' }], additionalItems: false },
    }) as object;
    expect(standard().validate(row, [1])).toBe(true);
    expect(standard().validate(row, [1, 2])).toBe(false);
  });
});
