import { newId } from './new-id.ts';
import { goto } from '$app/navigation';
import { put } from './client.ts';

type Read<Body, Troubles> =
  { readonly body: Body } | { readonly body?: undefined; readonly troubles: Troubles };

interface Options<Body, Troubles> {
  /** Where the shelf is kept, and the page to go back to. */
  readonly api: string;
  readonly back: string;
  /** The thing that is being changed; nothing for a new one. */
  readonly kept: () => { readonly id: string; readonly version: number } | undefined;
  readonly read: () => Read<Body, Troubles>;
}

/** A form that writes one thing of a shelf: says what is wrong only once somebody tried to keep it, and loses nothing. */
export function shelfForm<Body extends object, Troubles extends object>({
  api,
  back,
  kept,
  read,
}: Options<Body, Troubles>) {
  let tried = $state(false);
  let problem = $state<string>();

  return {
    get problem() {
      return problem;
    },
    /** What is wrong, by field. */
    get troubles(): Partial<Troubles> {
      const now = read();
      return tried && 'troubles' in now ? now.troubles : {};
    },
    async keep(submit: SubmitEvent): Promise<void> {
      submit.preventDefault();
      tried = true;
      const { body } = read();
      if (!body) {
        setTimeout(() => document.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus());
        return;
      }
      const before = kept();
      const outcome = await put<object>(`${api}/${before?.id ?? newId()}`, body, before?.version);
      problem = outcome.problem?.detail;
      if (outcome.value) await goto(back);
    },
  };
}
