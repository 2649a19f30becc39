/** A field of a form, said once: what is asked for, and how it is typed. */
export interface FieldLine<Name extends string> {
  readonly name: Name;
  readonly label: string;
  readonly hint?: string;
  readonly maxlength?: number;
  readonly rows?: number;
  readonly placeholder?: string;
  readonly numeric?: boolean;
}
