import { getContext, onMount, setContext } from 'svelte';

const CONTEXT = Symbol('keys');

/** A key of the page that is open, and what it does. */
export interface PageKey {
  /** As `KeyboardEvent.key` has it, letters in lower case. */
  readonly key: string;
  readonly does: string;
  readonly run: (event?: KeyboardEvent) => void;
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

  /**
   * Keys that always work are taken before a focused button can have them, and out of a field marked
   * data-keys-through: a number has no use for Space, and a bath does not wait for a field to be closed.
   */
  capture(event: KeyboardEvent): void {
    const found = this.#find(event);
    const through = within(event.target, '[data-keys-through]');
    if (!found?.always || isInDialog(event.target) || (isTyping(event.target) && !through)) return;
    event.preventDefault();
    event.stopPropagation();
    found.run(event);
  }

  handle(event: KeyboardEvent): void {
    const found = this.#find(event);
    if (!found || event.defaultPrevented || isTaken(event.target, event.key)) return;
    event.preventDefault();
    found.run(event);
  }

  #find(event: KeyboardEvent): PageKey | undefined {
    if (event.ctrlKey || event.metaKey || event.altKey) return undefined;
    const pressed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    return this.all.findLast(({ key }) => key === pressed);
  }
}

const within = (target: EventTarget | null, selector: string) =>
  target instanceof Element && target.closest(selector) !== null;
/** A field that was closed may keep the focus for a moment; the next key is meant for the page already. */
const isClosing = (target: EventTarget | null) => within(target, '[data-state="closed"]');
const isTyping = (target: EventTarget | null) =>
  within(target, 'input, textarea, select, [contenteditable]') && !isClosing(target);
const isInDialog = (target: EventTarget | null) =>
  within(target, '[role="dialog"], [role="alertdialog"]') && !isClosing(target);

/** Is the key already somebody's: text being typed, an open dialog, or a focused button under Space and Enter? */
function isTaken(target: EventTarget | null, key: string): boolean {
  if (isTyping(target) || isInDialog(target)) return true;
  if (key === ' ' || key === 'Enter') {
    return within(target, 'button, a, [role="button"], [role="slider"]');
  }
  return key.startsWith('Arrow') && within(target, '[role="slider"], [role="radiogroup"]');
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
