import { refresh } from './refresh.ts';
import { put, remove } from './client.ts';

type Kept = { readonly id: string; readonly version: number };

/** Taking things off a shelf, and putting back the last one that was taken off. */
export function shelfOf<Thing extends Kept>(path: string) {
  let problem = $state<string>();
  let removed = $state.raw<Thing>();

  async function takeOff(thing: Thing): Promise<void> {
    const outcome = await remove<Thing>(`${path}/${thing.id}`, thing.version);
    problem = outcome.problem?.detail;
    if (outcome.value) removed = thing;
    await refresh();
  }

  async function putBack(): Promise<void> {
    if (!removed) return;
    const { id, version: _version, ...body } = removed;
    const outcome = await put<Thing>(`${path}/${id}`, body);
    problem = outcome.problem?.detail;
    if (outcome.value) removed = undefined;
    await refresh();
  }

  return {
    get problem() {
      return problem;
    },
    get removed() {
      return removed;
    },
    takeOff,
    putBack,
  };
}
