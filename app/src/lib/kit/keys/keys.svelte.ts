import { getContext, onMount, setContext, untrack } from 'svelte';

const CONTEXT = Symbol('keys');

/** A key of the page that is open, and what it does. */
export interface PageKey {
  /** As `KeyboardEvent.key` has it, letters in lower case. */
  readonly key: string;
  readonly does: string;
  readonly run: (event?: KeyboardEvent) => void;
  /** Works even while another button has the focus: for Space where wet hands must not hit the wrong thing. */
  readonly always?: boolean;
  /** Comes before any other of its key, whichever was put on last: for what must be ended, on every page. */
  readonly first?: boolean;
}

/** What the key is called on the list. */
export function keyName(key: string): string {
  return { ' ': 'Space', Escape: 'Esc', ArrowLeft: '←', ArrowRight: '→' }[key] ?? key.toUpperCase();
}

/** Two presses of the big button within this are one, ms. */
const PRESSED_ONCE_MS = 750;

/** What takes the focus when it is touched, and Space while it has it. */
const TOUCHABLE = 'button, a, [role="button"], input';

/** The keys of everything that is on the screen now. */
export class Keys {
  // Raw: a list is taken off by being the same one that was put on.
  lists = $state.raw<readonly (readonly PageKey[])[]>([]);
  /** In the dark no key of a page does anything. */
  silenced = false;
  /** What the big button does was put there, or pressed, a moment ago: another press was meant for what stood there before. */
  settling = $state(false);
  #settle: ReturnType<typeof setTimeout> | undefined;
  /** A dialog stood there when the key went down: Esc is its own, wherever the focus still is. */
  #covered = false;
  #touched: Element | null | undefined;

  get all(): PageKey[] {
    return this.lists.flat();
  }

  /** Each key once, as it works now: what came last has it, but for what comes first. */
  get listed(): PageKey[] {
    const byKey = new Map(this.#inForce.map((one) => [one.key, one]));
    return [...byKey.values()];
  }

  /** From the weakest to the strongest. */
  get #inForce(): PageKey[] {
    return this.all.toSorted((a, b) => Number(a.first ?? false) - Number(b.first ?? false));
  }

  add(list: readonly PageKey[]): () => void {
    this.lists = [...this.lists, list];
    return () => (this.lists = this.lists.filter((other) => other !== list));
  }

  /** What a pointer touches has the focus, but not the keys: it was reached without them. */
  touch({ target }: PointerEvent): void {
    this.#touched = target instanceof Element ? target.closest(TOUCHABLE) : undefined;
  }

  /** Keys that always work are taken before a focused button can have them; in a field every key types. */
  capture(event: KeyboardEvent): void {
    if (event.key === 'Tab') this.#touched = undefined;
    this.#covered = document.querySelector('[role="dialog"][data-state="open"]') !== null;
    if (isTyping(event.target)) return;
    const found = this.#find(event);
    // What was just touched keeps the focus: Space is the big button all the same, and Enter uses it again.
    const leavesSpace =
      within(event.target, '[data-leaves-space]') || this.#touched === event.target;
    const always = found?.always || (event.key === ' ' && leavesSpace);
    if (!found || !always || isInDialog(event.target)) return;
    event.preventDefault();
    event.stopPropagation();
    if (!this.#again(event)) found.run(event);
  }

  handle(event: KeyboardEvent): void {
    if (event.key === 'Escape' && !event.defaultPrevented && leaveField(event.target)) {
      event.preventDefault();
      return;
    }
    if (event.key === 'Escape' && this.#covered) return;
    if (event.defaultPrevented || isTaken(event.target, event.key)) return;
    const found = this.#find(event);
    if (!found) return;
    event.preventDefault();
    if (!this.#again(event)) found.run(event);
  }

  /** Space held down, or hit twice by a wet hand, is one Space. */
  #again(event: KeyboardEvent): boolean {
    return event.key === ' ' && (event.repeat || !this.mayPress());
  }

  /**
   * May the big button be pressed, by whatever means? A second hit so soon is the first one still, and a hit as soon as it does
   * something else was meant for what it did before.
   */
  mayPress(): boolean {
    if (this.settling) return false;
    this.settle();
    return true;
  }

  /** The big button does something else from now on: it takes a press once it has been seen for as long as a press takes. */
  settle(): void {
    const { dataset } = document.documentElement;
    this.settling = true;
    dataset.settling = '';
    clearTimeout(this.#settle);
    this.#settle = setTimeout(() => {
      this.settling = false;
      delete dataset.settling;
    }, PRESSED_ONCE_MS);
  }

  #find(event: KeyboardEvent): PageKey | undefined {
    if (this.silenced || event.ctrlKey || event.metaKey || event.altKey) return undefined;
    const pressed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    return this.#inForce.findLast(({ key }) => key === pressed);
  }
}

const within = (target: EventTarget | null, selector: string) =>
  target instanceof Element && target.closest(selector) !== null;
/** A field that was closed may keep the focus for a moment; the next key is meant for the page already. */
const isClosing = (target: EventTarget | null) => within(target, '[data-state="closed"]');
/** Fields in which no letter is typed leave the letters to the page. */
const LETTERLESS = ['checkbox', 'radio', 'file', 'range', 'button', 'submit', 'reset', 'color'];
const typesLetters = (target: EventTarget | null) =>
  !(target instanceof HTMLInputElement && LETTERLESS.includes(target.type));
const isTyping = (target: EventTarget | null) =>
  within(target, 'input, textarea, select, [contenteditable]') &&
  typesLetters(target) &&
  !isClosing(target);
const isInDialog = (target: EventTarget | null) =>
  within(target, '[role="dialog"], [role="alertdialog"]') && !isClosing(target);

/** Takes the focus out of a field of the page, so that the next key is the page's; a dialog closes by itself. */
function leaveField(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement) || !isTyping(target) || isInDialog(target)) return false;
  target.blur();
  return true;
}

/** Is the key already somebody's: text being typed, an open dialog, or a focused button under Space and Enter? */
function isTaken(target: EventTarget | null, key: string): boolean {
  if (isTyping(target) || isInDialog(target)) return true;
  if (key === ' ' || key === 'Enter') return within(target, TOUCHABLE);
  return (
    key.startsWith('Arrow') &&
    within(target, '[role="slider"], [role="radiogroup"], input[type="range"], input[type="radio"]')
  );
}

export function provideKeys(): Keys {
  return setContext(CONTEXT, new Keys());
}

/** Puts keys to work for as long as the component is on the screen. */
export function useKeys(list: readonly PageKey[]): void {
  const keys = getContext<Keys>(CONTEXT);
  onMount(() => keys.add(list));
}

/** Where the big button comes to do something else while it stands there, it takes a press once that was seen. */
export function settleOn(does: () => string): void {
  const keys = keysInForce();
  let stood: string | undefined;
  $effect(() => {
    const now = does();
    if (stood !== undefined && now !== stood) untrack(() => keys.settle());
    stood = now;
  });
}

export function keysInForce(): Keys {
  return getContext<Keys>(CONTEXT);
}
