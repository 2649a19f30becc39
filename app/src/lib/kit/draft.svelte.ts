import { keepInCookie } from './cookie.ts';

/** Another draft in the place of this one; what it does not have is gone. */
export function replaceDraft<Draft extends object>(draft: Draft, next: Draft): void {
  for (const part of Object.keys(draft)) {
    if (!(part in next)) Reflect.deleteProperty(draft, part);
  }
  Object.assign(draft, next);
}

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
