import { keepInCookie } from './cookie.ts';

/**
 * A page as it is being filled in. Every change is kept in this browser, so that a reload, or a look at another page,
 * loses nothing that was typed.
 */
export function draftOf<Draft extends object>(name: string, initial: Draft) {
  const draft = $state(initial);
  // Keeping is a side effect, so its outcome cannot be derived.
  // eslint-disable-next-line svelte/prefer-writable-derived
  let tooLarge = $state(false);
  $effect(() => {
    tooLarge = !keepInCookie(name, $state.snapshot(draft));
  });
  return {
    get value() {
      return draft;
    },
    get tooLarge() {
      return tooLarge;
    },
  };
}
