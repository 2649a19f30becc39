import type { Attachment } from 'svelte/attachments';

/**
 * Marks the numbers that a page is for, and notes whether they are wholly in sight: above the sink and the big button.
 * Where they are not, the big button says them.
 */
export const answer: Attachment<HTMLElement> = (numbers) => {
  const look = () => {
    const { top, bottom } = numbers.getBoundingClientRect();
    const foot = [...document.querySelectorAll('.big, .in-sight, footer')]
      .filter((one) => !one.contains(numbers) && isFixed(one))
      .map((one) => one.getBoundingClientRect().top);
    const seen = top >= 0 && bottom <= Math.min(innerHeight, ...foot);
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
const isFixed = (one: Element) => ['fixed', 'sticky'].includes(getComputedStyle(one).position);
