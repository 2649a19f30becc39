import { newId } from './new-id.ts';
import { goto } from '$app/navigation';
import { put } from './client.ts';
import { keptForm, type Read } from './kept-form.svelte.ts';

interface Options<Values, Body, Troubles> {
  readonly initial: Values;
  readonly read: (values: Values) => Read<Body, Troubles>;
  /** Where the shelf is kept, and the page to go to then. */
  readonly api: string;
  readonly back: string | ((id: string) => string);
  /** The thing that is being changed; nothing for a new one. */
  readonly kept: () => { readonly id: string; readonly version: number } | undefined;
  /** Said when somebody else changed it meanwhile, in the place of what the server says. */
  readonly changedMeanwhile?: string;
}

/** A form that writes one thing of a shelf. */
export function shelfForm<Values extends object, Body, Troubles extends object>({
  initial,
  read,
  api,
  back,
  kept,
  changedMeanwhile,
}: Options<Values, Body, Troubles>) {
  return keptForm({
    initial,
    read,
    async keep(body: Body) {
      const before = kept();
      const id = before?.id ?? newId();
      const { problem } = await put(`${api}/${id}`, body, before?.version);
      if (problem?.status === 409 && changedMeanwhile) return changedMeanwhile;
      if (problem) return problem.detail;
      // The sink may show it, on any page.
      await goto(typeof back === 'string' ? back : back(id), { invalidateAll: true });
      return undefined;
    },
  });
}
