import { getContext, onMount, setContext } from 'svelte';

const CONTEXT = Symbol('keys');

/** A key of the page that is open, and what it does. */
export interface PageKey {
  /** As `KeyboardEvent.key` has it, letters in lower case. */
  readonly key: string;
  readonly does: string;
  readonly run: (event: KeyboardEvent) => void;
  /** Works even while another button has the focus: for Space where wet hands must not hit the wrong thing. */
  readonly always?: boolean;
}

/** What the key is called on the list. */
export function keyName(key: string): string {
  return { ' ': 'Space', Escape: 'Esc', ArrowLeft: '←', ArrowRight: '→' }[key] ?? key.toUpperCase();
}

/** The keys of everything that is on the screen now. */
export class Keys {
  lists = $state<readonly (readonly PageKey[])[]>([]);

  get all(): PageKey[] {
    return this.lists.flat();
  }

  add(list: readonly PageKey[]): () => void {
    this.lists = [...this.lists, list];
    return () => (this.lists = this.lists.filter((other) => other !== list));
  }

  handle(event: KeyboardEvent): void {
    if (event.defaultPrevented || event.ctrlKey || event.metaKey || event.altKey) return;
    const target = event.target instanceof Element ? event.target : undefined;
    const found = this.all.findLast(
      ({ key }) => key === (event.key.length === 1 ? event.key.toLowerCase() : event.key),
    );
    if (!found || (target && isTaken(target, event.key, found.always ?? false))) return;
    event.preventDefault();
    found.run(event);
  }
}

/** Is the key already somebody's: text being typed, an open dialog, or a focused button under Space and Enter? */
function isTaken(target: Element, key: string, always: boolean): boolean {
  if (target.closest('input, textarea, select, [contenteditable]')) return true;
  if (target.closest('[role="dialog"], [role="alertdialog"]')) return true;
  const presses = key === ' ' || key === 'Enter';
  if (presses && !always && target.closest('button, a, [role="button"], [role="slider"]'))
    return true;
  return key.startsWith('Arrow') && target.closest('[role="slider"], [role="radiogroup"]') !== null;
}

export function provideKeys(): Keys {
  return setContext(CONTEXT, new Keys());
}

/** Puts keys to work for as long as the component is on the screen. */
export function useKeys(list: readonly PageKey[]): void {
  const keys = getContext<Keys>(CONTEXT);
  onMount(() => keys.add(list));
}

export function keysInForce(): Keys {
  return getContext<Keys>(CONTEXT);
}
