import type { Static, TSchema } from 'typebox';

/** A calculation of the open interface: what it takes, what it gives, and an example that a test runs. */
export interface Operation<
  Request extends TSchema = TSchema,
  Response extends TSchema = TSchema,
  Answer = Static<Response> | Promise<Static<Response>>,
> {
  readonly id: string;
  readonly summary: string;
  readonly request: Request;
  readonly response: Response;
  readonly example: { readonly request: Static<Request>; readonly response: Static<Response> };
  /** What may be sent to it, bytes, where that is more than a form of ours. */
  readonly mostBytes?: number;
  readonly run: (request: Static<Request>) => Answer;
}

/** Ties the types of an operation's parts together. */
export function operation<
  Request extends TSchema,
  Response extends TSchema,
  Answer extends Static<Response> | Promise<Static<Response>>,
>(definition: Operation<Request, Response, Answer>): Operation<Request, Response, Answer> {
  return definition;
}
