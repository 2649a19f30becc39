import type { Static, TSchema } from 'typebox';

/** A calculation of the open interface: what it takes, what it gives, and an example that a test runs. */
export interface Operation<Request extends TSchema = TSchema, Response extends TSchema = TSchema> {
  readonly id: string;
  readonly summary: string;
  readonly request: Request;
  readonly response: Response;
  readonly example: { readonly request: Static<Request>; readonly response: Static<Response> };
  readonly run: (request: Static<Request>) => Static<Response>;
}

/** Ties the types of an operation's parts together. */
export function operation<Request extends TSchema, Response extends TSchema>(
  definition: Operation<Request, Response>,
): Operation<Request, Response> {
  return definition;
}
