import type { Attachment } from 'svelte/attachments';

/** Keys that hold a focused button down. */
const HOLD_KEYS = [' ', 'Enter'];

/**
 * Calls back only after a finger, a pointer or a key was held for a while; a tap does nothing.
 * The element carries data-holding meanwhile, so that the hold can be seen.
 */
export function hold(seconds: number, done: () => void): Attachment<HTMLElement> {
  return (node) => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    const begin = () => {
      if (timer !== undefined) return;
      node.dataset.holding = '';
      timer = setTimeout(() => {
        end();
        done();
      }, seconds * 1000);
    };
    const end = () => {
      clearTimeout(timer);
      timer = undefined;
      delete node.dataset.holding;
    };
    const down = (event: KeyboardEvent) => {
      if (!HOLD_KEYS.includes(event.key)) return;
      event.preventDefault();
      event.stopPropagation();
      if (!event.repeat) begin();
    };
    const up = (event: KeyboardEvent) => {
      if (!HOLD_KEYS.includes(event.key)) return;
      event.preventDefault();
      end();
    };
    const still = (event: Event) => event.preventDefault();
    node.addEventListener('pointerdown', begin);
    node.addEventListener('keydown', down);
    node.addEventListener('keyup', up);
    for (const leave of ['pointerup', 'pointerleave', 'pointercancel', 'blur']) {
      node.addEventListener(leave, end);
    }
    node.addEventListener('contextmenu', still);
    return () => {
      end();
      node.removeEventListener('pointerdown', begin);
      node.removeEventListener('keydown', down);
      node.removeEventListener('keyup', up);
      for (const leave of ['pointerup', 'pointerleave', 'pointercancel', 'blur']) {
        node.removeEventListener(leave, end);
      }
      node.removeEventListener('contextmenu', still);
    };
  };
}
