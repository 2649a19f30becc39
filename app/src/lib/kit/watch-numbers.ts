import type { Attachment } from 'svelte/attachments';

/**
 * Marks the numbers that a page is for, and notes whether they are wholly in sight: above the sink and the big button.
 * Where they are not, the big button says them.
 */
export const watchNumbers: Attachment<HTMLElement> = (numbers) => {
  const look = () => {
    const box = numbers.getBoundingClientRect();
    const covered = [...document.querySelectorAll('.big, .in-sight, .in-sight-desk, footer')].some(
      (one) => !one.contains(numbers) && stays(one) && overlap(box, one.getBoundingClientRect()),
    );
    const seen = box.top >= 0 && box.bottom <= innerHeight && !covered;
    numbers.dataset.answer = seen ? 'seen' : 'away';
  };
  const grown = new ResizeObserver(look);
  grown.observe(document.body);
  const over = new AbortController();
  for (const moved of ['scroll', 'resize']) {
    addEventListener(moved, look, { passive: true, signal: over.signal });
  }
  look();
  return () => {
    grown.disconnect();
    over.abort();
  };
};

/** It stays where it is while the page is scrolled. */
const stays = (one: Element) => ['fixed', 'sticky'].includes(getComputedStyle(one).position);

const overlap = (a: DOMRect, b: DOMRect) =>
  a.left < b.right && b.left < a.right && a.top < b.bottom && b.top < a.bottom;
