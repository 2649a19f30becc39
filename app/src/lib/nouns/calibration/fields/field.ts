import type { Unit } from '../../../words/temperature.ts';

/** What a value is, as data: the contract is made of it, and the control that asks for it. */
export type Shape =
  | {
      readonly is: 'number';
      readonly least: number;
      readonly most: number;
      readonly whole: boolean;
    }
  | { readonly is: 'text'; readonly most: number }
  | { readonly is: 'choice'; readonly options: readonly Option[] }
  | { readonly is: 'tick' }
  | {
      readonly is: 'rows';
      readonly columns: Readonly<Record<string, AnyField>>;
      readonly least: number;
      readonly most: number;
      /** As many stand there to begin with. */
      readonly begin: number;
      /** What a row is called, where it has a name of its own. */
      readonly rowName?: (index: number) => string;
      /** Rows come and go by a button; otherwise there are as many as `most`. */
      readonly grows: boolean;
    }
  | {
      readonly is: 'columns';
      /** What stands over each column. */
      readonly heads: Readonly<Record<string, AnyField>>;
      readonly cell: AnyField;
      /** As many rows there are at the most; fewer where another field says how many. */
      readonly rows: number;
      readonly rowsBy?: string;
      readonly most: number;
      readonly rowName: (index: number) => string;
      /** One of them: "a development". */
      readonly one: string;
    };

export interface Option {
  readonly id: string;
  readonly name: string;
}

/** Something that a test asks for: said once, for the page, for what is stored and for the open interface. */
export interface Field<Value> {
  readonly label: string;
  readonly hint: string;
  /** What an error sentence calls it. */
  readonly title: string;
  readonly shape: Shape;
  readonly optional: boolean;
  /** What stands in it before anybody typed. */
  readonly usual: string;
  /** @throws Refusal with what to type instead */
  readonly read: (text: string, unit: Unit) => Value;
  readonly write: (value: Value, unit: Unit) => string;
}
// A list of fields holds fields of any value; which one is known by its name.
// eslint-disable-next-line @typescript-eslint/no-explicit-any
export type AnyField = Field<any>;
export type FieldSet = Readonly<Record<string, AnyField>>;

/** What a set of fields amounts to. */
export type GivenOf<Fields extends FieldSet> = {
  readonly [
    Name in keyof Fields as undefined extends ReturnType<Fields[Name]['read']> ? never : Name
  ]: ReturnType<Fields[Name]['read']>;
} & {
  readonly [
    Name in keyof Fields as undefined extends ReturnType<Fields[Name]['read']> ? Name : never
  ]?: Exclude<ReturnType<Fields[Name]['read']>, undefined>;
};

/** How many rows of a table of columns stand there, by what the form says so far. */
export const rowsBy = (
  { rows, rowsBy: name }: Extract<Shape, { is: 'columns' }>,
  form: Readonly<Record<string, string>>,
): number => Math.min(rows, Number(name && form[name]) || rows);

/** How the label says a unit of temperature. */
export const labelIn = ({ label }: AnyField, unit: Unit): string => label.replace('°', `°${unit}`);
