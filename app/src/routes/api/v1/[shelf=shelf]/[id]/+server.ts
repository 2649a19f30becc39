import type { RequestEvent } from '@sveltejs/kit';
import { shelves } from '$lib/nouns/shelves.ts';
import { shelfNames, type ShelfName } from '$lib/nouns/shelf-names.ts';
import { removal, resource } from '$lib/server/api.ts';
import { shelfStores } from '$lib/nouns/shelves.server.ts';

type Handler = (event: RequestEvent) => Promise<Response> | Response;
type Methods = Record<'GET' | 'PUT' | 'DELETE', Handler>;

/** The methods of each shelf; which body a shelf takes is in its definition. */
const methods = Object.fromEntries(
  shelfNames.map((name) => {
    const { one, body } = shelves[name];
    const store = shelfStores[name] as Parameters<typeof resource>[2] &
      Parameters<typeof removal>[1];
    return [name, { ...resource(one, body, store), DELETE: removal(one, store) }];
  }),
) as Record<ShelfName, Methods>;

const of = (event: RequestEvent) => methods[event.params.shelf as ShelfName];

export const GET = (event: RequestEvent) => of(event).GET(event);
export const PUT = (event: RequestEvent) => of(event).PUT(event);
export const DELETE = (event: RequestEvent) => of(event).DELETE(event);
