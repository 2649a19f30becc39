import { randomUUID } from 'node:crypto';

/** As much of a JSON schema as ours use. */
export interface Schema {
  readonly const?: unknown;
  readonly enum?: readonly unknown[];
  readonly anyOf?: readonly Schema[];
  readonly oneOf?: readonly Schema[];
  readonly if?: Schema;
  readonly then?: Schema;
  readonly else?: Schema;
  readonly type?: string;
  readonly properties?: Readonly<Record<string, Schema>>;
  readonly required?: readonly string[];
  readonly items?: Schema | false;
  /** A row of different things. */
  readonly prefixItems?: readonly Schema[];
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minimum?: number;
  readonly exclusiveMinimum?: number;
  readonly maximum?: number;
  readonly multipleOf?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly format?: string;
  readonly pattern?: string;
}

/** A source of numbers from 0 to 1 that is the same each time, so that a failure can be looked at again. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0 || 1;
  return () => {
    state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
    return state / 2 ** 32;
  };
}

/** What people, programs and vandals send where something else was meant. */
const strange: readonly unknown[] = [
  null,
  true,
  0,
  -1,
  1e-7,
  1e308,
  0.5,
  '',
  '   ',
  'NaN',
  'Infinity',
  '\u202eabc',
  '=HYPERLINK("x")',
  '<img src=x onerror=alert(1)>',
  'x'.repeat(20_000),
  [],
  {},
  [null],
  '12',
  ['__proto__'],
  Array.from({ length: 5000 }, () => 0),
];
const words = [
  'x',
  'Halden 400',
  'ÄÖß ½',
  '日本',
  "'; DROP TABLE rolls;--",
  '100%_\\',
  '"q"\n',
  '-',
  // What is typed into a field of numbers.
  '0',
  '-5',
  '7',
  '1e9',
  '0.01',
];

export class Maker {
  /** `known` are ids of what is kept: half of all ids made are among them. */
  constructor(
    readonly random: () => number,
    readonly known: readonly string[] = [],
  ) {}

  one<Value>(list: readonly Value[]): Value {
    return list[Math.floor(this.random() * list.length)]!;
  }

  /** A value that fits a schema, its numbers and lists at their edges as often as between. */
  make(schema: Schema | undefined): unknown {
    if (!schema) return 1;
    if (schema.const !== undefined) return schema.const;
    if (schema.enum) return this.one(schema.enum);
    const choices = schema.anyOf ?? schema.oneOf;
    if (choices) return this.make(this.one(choices));
    if (schema.if && !schema.type && !schema.properties) {
      return this.make(this.random() < 0.6 ? schema.then : schema.else);
    }
    const makers: Record<string, () => unknown> = {
      object: () => this.#object(schema),
      array: () => this.#array(schema),
      number: () => this.#number(schema),
      integer: () => Math.round(this.#number(schema)),
      boolean: () => this.random() < 0.5,
      null: () => null,
      string: () => this.#text(schema),
    };
    const maker = makers[schema.type ?? 'object'];
    return maker ? maker() : {};
  }

  #object({ properties = {}, required = [], if: condition, then, else: other }: Schema) {
    const asked = condition?.required
      ? this.random() < 0.6
        ? [...condition.required, ...(then?.required ?? [])]
        : (other?.required ?? [])
      : [];
    const needed = new Set([...required, ...asked]);
    const barred = condition?.required?.filter((key) => !needed.has(key)) ?? [];
    return Object.fromEntries(
      Object.entries(properties).flatMap(([key, of]) =>
        needed.has(key) || (this.random() < 0.5 && !barred.includes(key))
          ? [[key, this.make(of)]]
          : [],
      ),
    );
  }

  #array({ items, prefixItems, minItems = 0, maxItems = minItems + 4 }: Schema): unknown[] {
    if (prefixItems) return prefixItems.map((item) => this.make(item));
    const most = this.random() < 0.1 ? maxItems : Math.min(maxItems, minItems + 3);
    const length = minItems + Math.floor(this.random() * (most - minItems + 1));
    return Array.from({ length }, () => this.make(items || undefined));
  }

  #number({ exclusiveMinimum = -1e6, maximum = 1e6, multipleOf, ...more }: Schema): number {
    const minimum = more.minimum ?? exclusiveMinimum + 1e-9;
    const between = minimum + (maximum - minimum) * this.random();
    const near = minimum + Math.min(maximum - minimum, 20) * this.random();
    const value = this.one([minimum, maximum, between, near, near]);
    if (!multipleOf) return value;
    return Math.min(maximum, Math.max(minimum, Math.round(value / multipleOf) * multipleOf));
  }

  #text({ format, pattern, minLength = 0, maxLength = 200 }: Schema): string {
    if (format === 'uuid') {
      return this.known.length > 0 && this.random() < 0.5 ? this.one(this.known) : randomUUID();
    }
    // A day; every text has a pattern that keeps control characters out.
    if (pattern?.includes('{4}')) return this.one(['2026-01-24', '0000-00-00', '2026-02-31']);
    const text = (this.random() < 0.1 ? 'W'.repeat(maxLength) : this.one(words)).slice(
      0,
      maxLength,
    );
    return text.length < minLength ? 'x' : text;
  }

  /** A value with one or two of its places put wrong. */
  bend(value: unknown): unknown {
    const places = placesOf(value);
    const where = this.one(places);
    const bent = withAt(value, where, this.one(strange));
    return this.random() < 0.3 ? withAt(bent, this.one(places), this.one(strange)) : bent;
  }
}

type Place = readonly (string | number)[];

function placesOf(value: unknown, here: Place = [], found: Place[] = []): Place[] {
  found.push(here);
  if (Array.isArray(value))
    value.slice(0, 3).forEach((one, at) => placesOf(one, [...here, at], found));
  else if (typeof value === 'object' && value !== null) {
    for (const [key, one] of Object.entries(value)) placesOf(one, [...here, key], found);
  }
  return found;
}

function withAt(value: unknown, [first, ...rest]: Place, put: unknown): unknown {
  if (first === undefined) return put;
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value))
    return value.map((one, at) => (at === first ? withAt(one, rest, put) : one));
  const record = value as Record<string, unknown>;
  return { ...record, [first]: withAt(record[first], rest, put) };
}
