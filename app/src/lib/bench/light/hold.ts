import type { Attachment } from 'svelte/attachments';

/** Keys that hold a focused button down. */
const HOLD_KEYS = [' ', 'Enter'];

/** Shorter than this a touch is a tap, ms. */
const TAP_MS = 500;

export type HeldBy = 'key' | 'pointer';

/**
 * One thing that is held for a while; a tap is told apart.
 * @param seconds until it counts
 * @param done it was held for so long
 * @param tapped it was let go at once
 */
export function holding(seconds: number, done: () => void, tapped: (by: HeldBy) => void) {
  let timer: ReturnType<typeof setTimeout> | undefined;
  let begunMs = 0;
  const end = () => {
    clearTimeout(timer);
    timer = undefined;
  };
  return {
    begin() {
      if (timer !== undefined) return;
      begunMs = Date.now();
      timer = setTimeout(() => {
        end();
        done();
      }, seconds * 1000);
    },
    /** Let go: a tap when it was short, nothing when it was not long enough. */
    release(by: HeldBy) {
      const tap = timer !== undefined && Date.now() - begunMs < TAP_MS;
      end();
      if (tap) tapped(by);
    },
    end,
  };
}

/**
 * Calls back only after a finger, a pointer or a key was held for a while; a tap is told apart, and does nothing unless asked.
 * The element carries data-holding meanwhile, so that the hold can be seen.
 */
export function hold(
  seconds: number,
  done: () => void,
  tapped: (by: HeldBy) => void = () => undefined,
): Attachment<HTMLElement> {
  return (node) => {
    const shown = (going: boolean) => {
      if (going) node.dataset.holding = '';
      else delete node.dataset.holding;
    };
    const held = holding(
      seconds,
      () => {
        shown(false);
        done();
      },
      tapped,
    );
    const begin = () => {
      shown(true);
      held.begin();
    };
    const release = (by: HeldBy) => {
      shown(false);
      held.release(by);
    };
    const end = () => {
      shown(false);
      held.end();
    };
    const letGo = () => release('pointer');
    const down = (event: KeyboardEvent) => {
      if (!HOLD_KEYS.includes(event.key)) return;
      event.preventDefault();
      event.stopPropagation();
      if (!event.repeat) begin();
    };
    const up = (event: KeyboardEvent) => {
      if (!HOLD_KEYS.includes(event.key)) return;
      event.preventDefault();
      release('key');
    };
    const still = (event: Event) => event.preventDefault();
    node.addEventListener('pointerdown', begin);
    node.addEventListener('keydown', down);
    node.addEventListener('keyup', up);
    node.addEventListener('pointerup', letGo);
    for (const leave of ['pointerleave', 'pointercancel', 'blur']) {
      node.addEventListener(leave, end);
    }
    node.addEventListener('contextmenu', still);
    // What is let go in another window is not seen to be down.
    addEventListener('blur', end);
    return () => {
      end();
      removeEventListener('blur', end);
      node.removeEventListener('pointerdown', begin);
      node.removeEventListener('keydown', down);
      node.removeEventListener('keyup', up);
      node.removeEventListener('pointerup', letGo);
      for (const leave of ['pointerleave', 'pointercancel', 'blur']) {
        node.removeEventListener(leave, end);
      }
      node.removeEventListener('contextmenu', still);
    };
  };
}
